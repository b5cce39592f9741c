import { STUDIES, type StudyName } from './studies';
import type { Revisions, StudySetting, Subject } from './subject';

/** Lives in the study worker: keeps trip, plan and rack by revision, so that they cross once and not with every question. */
export class StudyHost {
  private readonly subject: Partial<Subject> = {};
  private readonly revisions: Revisions = {};

  constructor(private readonly setting: StudySetting) {}

  keep<K extends keyof Subject>(part: K, revision: number, value: Subject[K]): void {
    this.subject[part] = value;
    this.revisions[part] = revision;
  }

  /** Works a study out on what is kept here. Throws where the page asks about something else. */
  run(name: StudyName, revisions: Revisions, args: unknown): unknown {
    for (const [part, revision] of Object.entries(revisions))
      if (this.revisions[part as keyof Subject] !== revision) throw new Error(`the ${part} in the study worker is another one`);
    const study = STUDIES[name] as (subject: Partial<Subject>, args: unknown, setting: StudySetting) => unknown;
    return study(this.subject, args, this.setting);
  }
}
