import { planCache } from '@tinder/core/planning/plan';
import { TestBed } from '@angular/core/testing';
import { DEMO_RACK, DEMO_TRIP } from '@tinder/core/demo';
import { planTrip } from '@tinder/core/planning/plan';
import type { WorkerLink } from '../platform/worker-link';
import { WorkerTrouble } from '../platform/worker-trouble';
import { workerInPage } from '../testing/worker-in-page';
import { turn, until } from '../testing/until';
import { StudyHost } from '../workers/study-host';
import type { Subject } from '../workers/subject';
import { STOPPED, STUDY_WORKER_START, StudyWorker, type Asker } from './study-worker';

const plan = planTrip(DEMO_TRIP);
const by = (controller: AbortController, isSeen = true): Asker => ({ signal: controller.signal, isSeen: () => isSeen });
const wanted = () => by(new AbortController());

/** Study workers that the test can look into and break. */
function started(host: () => object = () => new StudyHost({ tripsDrawn: 50, cache: planCache() })) {
  const links: WorkerLink<StudyHost>[] = [];
  const kept: (keyof Subject)[] = [];
  const start = () => {
    const made = host() as StudyHost;
    const keep = made.keep?.bind(made);
    if (keep)
      made.keep = (part, revision, value) => {
        kept.push(part);
        keep(part, revision, value);
      };
    const link = workerInPage(made);
    links.push(link);
    return link;
  };
  TestBed.configureTestingModule({ providers: [{ provide: STUDY_WORKER_START, useValue: start }] });
  return { studies: TestBed.inject(StudyWorker), links, kept };
}

describe('the study worker', () => {
  it('answers what a study is asked, and is sent each part of its subject once', async () => {
    const { studies, kept } = started();
    const first = await studies.ask('dish', { trip: DEMO_TRIP, plan }, { day: 1, meal: 'supper' }, wanted());
    expect(first?.card.meal.name).toBe(DEMO_TRIP.menu.supper.name);
    await studies.ask('advice', { trip: DEMO_TRIP, plan }, { fromStopId: DEMO_TRIP.stops[0].id }, wanted());
    await studies.ask('nest', { rack: DEMO_RACK }, { kitId: DEMO_RACK.kits[0].id }, wanted());
    expect(kept).toEqual(['trip', 'plan', 'rack']);
    const other = { ...DEMO_TRIP, name: 'Other' };
    await studies.ask('dish', { trip: other, plan }, { day: 2, meal: 'breakfast' }, wanted());
    expect(kept).toEqual(['trip', 'plan', 'rack', 'trip']);
  });

  it('rejects what a study throws, and answers the next', async () => {
    const { studies } = started();
    const odd = { ...DEMO_TRIP, kit: { ...DEMO_TRIP.kit, burnerId: 'not-in-the-catalogue' } };
    await expect(studies.ask('habits', { trip: odd, plan }, undefined, wanted())).rejects.toThrow('not-in-the-catalogue');
    expect(await studies.ask('dish', { trip: DEMO_TRIP, plan }, { day: 1, meal: 'supper' }, wanted())).toBeDefined();
  });

  it('says that a kit is gone instead of answering nothing', async () => {
    const { studies } = started();
    const gone = await studies.ask('ladder', { rack: DEMO_RACK, trip: DEMO_TRIP }, { kitId: 'no such kit' }, wanted());
    expect(gone).toEqual({ ok: false, problem: { code: 'kitGone', kitId: 'no such kit' } });
  });

  it('is started anew when it breaks, sent its subject again, and asked again', async () => {
    const { studies, links, kept } = started();
    const answer = studies.ask('dish', { trip: DEMO_TRIP, plan }, { day: 1, meal: 'supper' }, wanted());
    links[0].end();
    expect((await answer)?.card.meal.name).toBe(DEMO_TRIP.menu.supper.name);
    expect([links.length, kept.slice(-2)]).toEqual([2, ['trip', 'plan']]);
  });

  it('gives way to the page where no worker can be had, and says so', async () => {
    const start = () => {
      throw new Error('Worker is not defined');
    };
    TestBed.configureTestingModule({ providers: [{ provide: STUDY_WORKER_START, useValue: start }] });
    const studies = TestBed.inject(StudyWorker);
    const answer = await studies.ask('dish', { trip: DEMO_TRIP, plan }, { day: 1, meal: 'supper' }, wanted());
    expect(answer?.card.meal.name).toBe(DEMO_TRIP.menu.supper.name);
    expect(TestBed.inject(WorkerTrouble).why()).toBe('Worker is not defined');
  });

  it('lets go of what is not wanted any more, and answers the next in a worker started anew', async () => {
    let runs = 0;
    const { studies, links } = started(() =>
      runs++ === 0
        ? { keep: () => undefined, run: () => new Promise(() => undefined) }
        : new StudyHost({ tripsDrawn: 50, cache: planCache() }),
    );
    const givenUp = new AbortController();
    const old = studies.ask('nest', { rack: DEMO_RACK }, { kitId: 'a' }, by(givenUp));
    const next = studies.ask('dish', { trip: DEMO_TRIP, plan }, { day: 1, meal: 'supper' }, wanted());
    await until(() => links.length === 1, 'the first worker');
    givenUp.abort();
    await expect(old).rejects.toThrow();
    expect((await next)?.card.meal.name).toBe(DEMO_TRIP.menu.supper.name);
    expect(links).toHaveLength(2);
  });

  it('ends in the middle of its work when the walker stops it, and drops what is not wanted any more', async () => {
    let runs = 0;
    const { studies, links } = started(() => ({ keep: () => undefined, run: () => (runs++, new Promise(() => undefined)) }));
    const [stopping, givenUp] = [new AbortController(), new AbortController()];
    const stopped = studies.ask('nest', { rack: DEMO_RACK }, { kitId: 'a' }, by(stopping));
    const waiting = studies.ask('nest', { rack: DEMO_RACK }, { kitId: 'b' }, by(givenUp));
    await until(() => runs === 1, 'the first study');
    givenUp.abort();
    await expect(waiting).rejects.toThrow();
    stopping.abort(STOPPED);
    await expect(stopped).rejects.toThrow(STOPPED);
    await turn();
    expect([runs, links.length, studies.busy()]).toEqual([1, 1, false]);
  });
});
