import { inject, Injectable, InjectionToken, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import type { Remote } from 'comlink';
import { concatMap, defer, Subject } from 'rxjs';
import { createStudyWorker, studiesOnPage } from '../platform/create-study-worker';
import { KeptWorker } from '../platform/kept-worker';
import type { WorkerLink } from '../platform/worker-link';
import { WorkerTrouble } from '../platform/worker-trouble';
import { REST_FACTOR } from './rest-factor';
import type { StudyHost } from '../workers/study-host';
import type { Revisions, Subject as StudySubject } from '../workers/subject';
import type { AnswerOf, ArgsOf, StudyName, SubjectOf } from '../workers/studies';

/** The walker has stopped it: the worker is ended in the middle of its work. */
export const STOPPED = 'stopped';
/** What is not wanted any more may go on for so long, ms: a worker started anew takes less than most of what is left, and forgets what it remembers. */
const LET_GO_MS = 800;

/** Who asks: do they still want it, and is the place of the answer on screen? */
export interface Asker {
  signal: AbortSignal;
  isSeen: () => boolean;
}

interface Job {
  name: StudyName;
  subject: Partial<StudySubject>;
  args: unknown;
  asker: Asker;
  resolve: (answer: unknown) => void;
  reject: (why: unknown) => void;
}

/** How the study worker is started. */
export const STUDY_WORKER_START = new InjectionToken<() => WorkerLink<StudyHost>>('start of the study worker', {
  providedIn: 'root',
  factory: () => createStudyWorker,
});

/**
 * A second worker, for what takes long beside the plan: comparing kits, drawing risks. One study is in it at a time, the others wait here,
 * where one that is not wanted any more costs nothing; in the worker it is let go of soon. Those whose place is on screen go first. A worker that
 * breaks is started anew for the next study.
 */
@Injectable({ providedIn: 'root' })
export class StudyWorker {
  private readonly trouble = inject(WorkerTrouble);
  private readonly worker = new KeptWorker({
    start: inject(STUDY_WORKER_START),
    onPage: studiesOnPage,
    ended: () => (this.sent = {}),
    gaveUp: (why) => this.trouble.gaveUp(why),
  });
  private readonly restFactor = inject(REST_FACTOR);
  private waiting: Job[] = [];
  private readonly busySignal = signal(false);
  /** Something is being worked out. */
  readonly busy = this.busySignal.asReadonly();
  /** Every part of a subject that was ever asked about, by the number it is known by. */
  private readonly revisions = new WeakMap<object, number>();
  private nextRevision = 1;
  private sent: Revisions = {};

  /** One for each study that was asked for: with each, one of those that wait is run. */
  private readonly turns$ = new Subject<void>();

  constructor() {
    this.turns$
      .pipe(
        concatMap(() => defer(() => this.runNext())),
        takeUntilDestroyed(),
      )
      .subscribe();
  }

  /** Asks for a study about a subject; rejects when it fails, when it is not wanted any more, or when the worker breaks. */
  ask<N extends StudyName>(name: N, subject: SubjectOf<N>, args: ArgsOf<N>, asker: Asker): Promise<AnswerOf<N>> {
    const { signal } = asker;
    return new Promise<AnswerOf<N>>((resolve, reject) => {
      const job: Job = { name, subject, args, asker, resolve: (answer) => resolve(answer as AnswerOf<N>), reject };
      if (signal.aborted) return reject(asError(signal.reason));
      signal.addEventListener('abort', () => reject(asError(signal.reason)), { once: true });
      this.waiting.push(job);
      this.busySignal.set(true);
      this.turns$.next();
    });
  }

  private async runNext(): Promise<void> {
    const job = this.takeNext();
    if (job) await this.run(job);
    this.busySignal.set(this.waiting.length > 0);
  }

  /** The first of those whose place is on screen, else the first of all; what is not wanted any more is dropped. */
  private takeNext(): Job | undefined {
    this.waiting = this.waiting.filter(({ asker }) => !asker.signal.aborted);
    const next = this.waiting.find(({ asker }) => asker.isSeen()) ?? this.waiting.at(0);
    this.waiting = this.waiting.filter((job) => job !== next);
    return next;
  }

  private async run({ name, subject, args, asker: { signal }, resolve, reject }: Job): Promise<void> {
    let late: ReturnType<typeof setTimeout> | undefined;
    const end = (): void => {
      if (signal.reason === STOPPED) this.worker.end();
      else late = setTimeout(() => this.worker.end(), LET_GO_MS * this.restFactor);
    };
    signal.addEventListener('abort', end, { once: true });
    try {
      resolve(await this.worker.call(async (host) => await host.run(name, this.keep(subject, host), args)));
    } catch (e) {
      reject(e);
    } finally {
      signal.removeEventListener('abort', end);
      clearTimeout(late);
    }
  }

  /** Sends what the worker does not hold yet, and says by which numbers the subject is known there. */
  private keep(subject: Partial<StudySubject>, host: Remote<StudyHost>): Revisions {
    const revisions: Revisions = {};
    for (const part of Object.keys(subject) as (keyof StudySubject)[]) {
      const value = subject[part];
      if (!value) continue;
      const revision = this.revisions.get(value) ?? this.nextRevision++;
      this.revisions.set(value, revision);
      revisions[part] = revision;
      if (this.sent[part] === revision) continue;
      this.sent = { ...this.sent, [part]: revision };
      // messages arrive in order: what is kept now is there when the study runs
      void Promise.resolve(host.keep(part, revision, value)).catch(() => undefined);
    }
    return revisions;
  }
}

const asError = (why: unknown): Error => (why instanceof Error ? why : new DOMException(String(why), 'AbortError'));
