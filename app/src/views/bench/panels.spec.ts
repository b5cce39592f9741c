import { TestBed } from '@angular/core/testing';
import { fitTests, testedBurners } from '@tinder/core/studies/bench';
import { DEMO_RACK, DEMO_TRIP } from '@tinder/core/demo';
import { PLAIN_RACK, newSetup, ownBurner } from '@tinder/core/domain/model';
import { Observable } from 'rxjs';
import { Instruments, type Reading } from '../../platform/instruments';
import { PlanService } from '../../planning/plan-service';
import { Done } from '../../store/done';
import { WorkspaceStore } from '../../store/workspace-store';
import { Panel } from '../../testing/panel';
import { until } from '../../testing/until';
import { burnerOfKitWords } from '../../words/own-burner-words';
import { AnswersPanel } from './answers-panel';
import { BenchStudy } from './bench-study';
import { BurnRun } from './burn-run';
import { BurnerPanel } from './burner-panel';
import { ClaimsPanel } from './claims-panel';
import { CoolingPanel } from './cooling-panel';
import { PlanForm } from './plan-form';
import { Runner } from './runner';
import { TestsTable } from './tests-table';
import { WhichPanel } from './which-panel';
import { WriteDown } from './write-down';

const store = () => TestBed.inject(WorkspaceStore);
const study = () => TestBed.inject(BenchStudy);
const bench = () => store().rack().bench;

async function planned<T>(panel: Panel<T>): Promise<Panel<T>> {
  store().start(undefined);
  TestBed.inject(PlanService);
  await panel.settle();
  return panel;
}

beforeEach(() => localStorage.clear());

describe('A or B', () => {
  it('says who uses less, with its interval, and refuses where the scale cannot tell', async () => {
    const { text } = await planned(new Panel(AnswersPanel));
    expect(text).toMatch(/The folding windscreen uses 5\.5\sg less \(\d\.\d to \d+\.\d\sg\) a burn than no windscreen: 32 %/);
    expect(text).toContain('Can’t tell cozy on and cozy off apart with this scale');
    expect(text).toMatch(/\d+ pairs in all(, or [\d,]+\smL at a time,)? would show 1\.0\sg a burn/);
    expect(text).toContain('Only the windscreen differs.');
    expect(text).toMatch(/would save \d+\sg of fuel .* Worth its weight|is not clear yet/);
  });

  it('keeps what one concludes', async () => {
    const panel = await planned(new Panel(AnswersPanel));
    panel.type('Concluded, and where it holds', 'not worth it in summer');
    expect(bench().series.find((s) => s.id === 'sleeve')?.concluded).toBe('not worth it in summer');
  });

  it('takes a test out by its own name, and undo brings it back', async () => {
    const panel = await planned(new Panel(TestsTable));
    const first = () => panel.element.querySelector<HTMLElement>('button[aria-label^="Set aside"]');
    await until(() => {
      panel.fixture.detectChanges();
      return first() !== null;
    }, 'the rows of the table');
    first()?.click();
    panel.fixture.detectChanges();
    expect(bench().tests.filter((t) => t.setAside)).toHaveLength(1);
    store().undo();
    expect(bench().tests.filter((t) => t.setAside)).toHaveLength(0);
  });

  it('ranks no side that failed', async () => {
    const panel = await planned(new Panel(AnswersPanel));
    const worse = bench().tests.find((t) => t.seriesId === 'screen' && t.arm === 'b');
    study().editTest('it went out', worse?.id ?? '', (t) => ({ ...t, end: 'wentOut' }));
    panel.fixture.detectChanges();
    expect(panel.text).toContain('With no windscreen 1 of 4 did not get there. A burn that fails saves nothing');
  });

  it('says how to begin where nothing is asked', () => {
    store().edit('empty', (w) => ({ ...w, rack: PLAIN_RACK }));
    expect(new Panel(AnswersPanel).text).toContain('No question yet.');
  });
});

describe('a burn from paper', () => {
  it('is kept with its fuel and time for the side that it was burnt for', async () => {
    const panel = await planned(new Panel(WriteDown));
    panel.open('Enter an earlier test');
    panel.choose('Part of the test', 'sleeve b');
    panel.type('Fuel used', '0.5 oz');
    panel.type('Time taken', '6');
    panel.press('Save test');
    const kept = bench().tests.at(-1);
    expect(kept).toMatchObject({ seriesId: 'sleeve', arm: 'b', seconds: 360 });
    expect(kept?.fuel).toEqual({ how: 'told', burntG: expect.closeTo(14.17, 2) as number });
  });
});

describe('a burn in hand', () => {
  it('goes from weighing to weighing, is refused where it got heavier, and is kept', async () => {
    const form = await planned(new Panel(PlanForm));
    form.press('Start');
    const panel = new Panel(Runner);
    panel.type('Weight before', '300');
    panel.press('Lit: start the watch');
    panel.press('it boils: flame out');
    panel.type('Weight after', '310');
    expect(panel.text).toContain('It weighs more than before');
    panel.type('Weight after', '291');
    panel.press('Save weight');
    panel.press('Save test');
    expect(bench().tests.at(-1)).toMatchObject({ end: 'reached', fuel: { beforeG: 300, afterG: 291 }, garden: null });
    expect(TestBed.inject(Done).told()?.words).toMatch(/^Test saved: 9\.0\sg in \d+ s/);
    expect(TestBed.inject(BurnRun).draft()).toBeUndefined();
  });

  it('outlives a reload: another page finds it as it was left', async () => {
    await planned(new Panel(Runner));
    TestBed.inject(BurnRun).begin(newSetup('kit', DEMO_TRIP.kit), { seriesId: null, arm: null, heading: 'kit', garden: null });
    TestBed.inject(BurnRun).change({ beforeG: 222 });
    TestBed.inject(BurnRun).light();
    TestBed.resetTestingModule();
    const again = TestBed.inject(BurnRun);
    expect(again.draft()).toMatchObject({ step: 'burning', beforeG: 222 });
    localStorage.setItem('burn-in-hand', '{"step":"somewhere"}');
    TestBed.resetTestingModule();
    expect(TestBed.inject(BurnRun).draft()).toBeUndefined();
  });

  it('a question is burnt in a fair order, side by side', async () => {
    const panel = await planned(new Panel(PlanForm));
    panel.choose('I want to know', 'lid');
    expect(panel.text).toContain('lid on (A) and lid off (B), burnt A B B A A B');
    panel.press('Start');
    const run = TestBed.inject(BurnRun);
    expect(run.draft()).toMatchObject({ arm: 'a', setup: { kit: { lidOn: true } } });
    run.drop();
    panel.fixture.detectChanges();
    expect(panel.text).toMatch(/does the lid save fuel\?\s*next: lid on, 6 to go/);
  });

  it('says that instruments are simulated, and goes on where the server is gone', async () => {
    const reading: Reading = { s: 5, scaleG: 301, steady: true, by: 'page' };
    TestBed.overrideProvider(Instruments, {
      useValue: { watch: () => new Observable<Reading>((seen) => seen.next(reading)) } satisfies Pick<Instruments, 'watch'>,
    });
    store().start(undefined);
    TestBed.inject(BurnRun).begin(newSetup('kit', DEMO_TRIP.kit), {
      seriesId: null,
      arm: null,
      heading: 'kit',
      garden: { seed: 3, run: 0, speed: 60 },
    });
    const panel = new Panel(Runner);
    await panel.settle();
    expect(panel.text).toContain('Simulated garden: scale, thermometer and weather are made up; the server is gone');
    panel.press('Use this reading');
    expect(TestBed.inject(BurnRun).draft()?.beforeG).toBe(301);
  });
});

describe('a stove of one’s own', () => {
  it('is shown with what is asked about, taken on in one step everywhere, and given back', async () => {
    const panel = await planned(new Panel(BurnerPanel));
    await panel.settle();
    expect(panel.text).toContain('yours, from 20 burns');
    expect(panel.text).toContain('“the hose went over the scale in between”');
    expect(panel.text).toMatch(/\d+\sg less reserve for the same run-out risk/);
    panel.press('Set aside');
    await panel.settle();
    expect(panel.text).toContain('yours, from 19 burns');
    panel.press('Use your tests');
    expect(ownBurner(store().trip().kit)?.burns).toBe(19);
    expect(burnerOfKitWords(store().trip().kit)).toContain('The stove is yours, from 19 burns');
    store().undo();
    expect(ownBurner(store().trip().kit)).toBeUndefined();
  });

  it('says why it cannot be made', async () => {
    const panel = await planned(new Panel(BurnerPanel));
    study().edit('all failed', (b) => ({ ...b, tests: b.tests.map((t) => ({ ...t, end: 'wentOut' })) }));
    await panel.settle();
    expect(panel.text).toContain('None of these burns can be used');
  });

  it('goes into other trips of the library as well, and out again', () => {
    store().start(undefined);
    const [burner] = testedBurners(DEMO_RACK.bench.tests);
    const fit = fitTests(burner.tests);
    if (!fit.ok) throw new Error('the demo can be fitted');
    const other = { ...DEMO_TRIP, id: 'other' };
    store().edit('another trip', (w) => ({ ...w, library: [...w.library, { trip: other, archived: false }] }));
    study().adopt(burner.of, fit.value.calibration);
    const burnsOf = () =>
      store()
        .workspace()
        .library.map((s) => ownBurner(s.trip.kit)?.burns);
    expect(burnsOf()).toEqual([20, 20]);
    study().adopt(burner.of, undefined);
    expect(burnsOf()).toEqual([undefined, undefined]);
  });
});

describe('what is worth testing, what cools, what is said', () => {
  it('ranks tests by the reserve they would let stay at home, and begins one', async () => {
    const panel = await planned(new Panel(WhichPanel));
    expect(panel.text).toMatch(/in a wind of 3 m\/s\s*−\d+\sg/);
    panel.press('Burn it');
    expect(TestBed.inject(BurnRun).draft()?.heading).toContain('small canister stove');
  });

  it('says what a sleeve saves in watts and minutes', async () => {
    const { text } = await planned(new Panel(CoolingPanel));
    // by hand: 500 mL and the pot hold some 2,150 J/K; 82 K above the air to 56 K in 1,800 s is 0.46 W/K
    expect(text).toContain('0.46 ± 0.00');
    expect(text).toMatch(/18 W less, hot 37 min longer/);
  });

  it('holds sayings against the model, and takes one of the walker’s own', async () => {
    const panel = await planned(new Panel(ClaimsPanel));
    expect(panel.text).toMatch(/A full canister boils sooner than one nearly empty\s*holds/);
    expect(panel.text).toMatch(/Black foil is better than bright foil\s*only a test can say/);
    panel.type('They say', 'my lid saves half');
    panel.type('By at least', '50');
    panel.press('Test it against the model');
    await panel.settle();
    expect(panel.text).toMatch(/my lid saves half\s*does not hold here/);
    panel.press('Delete claim');
    expect(bench().claims).toEqual([]);
  });
});
