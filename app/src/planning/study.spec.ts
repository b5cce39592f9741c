import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { turn, until } from '../testing/until';
import { REST_FACTOR } from './rest-factor';
import { BEHIND_PLAN, FOLLOWING, RESTING, study, type Pace, type Run } from './study';

/** A study of squares whose answers come when the test says so. */
function squares(pace: Pace = RESTING) {
  const number = signal(1);
  const aside = signal(0);
  const asked: { of: number; run: Run; answer: () => void; fail: (why: string) => void }[] = [];
  const answers = TestBed.runInInjectionContext(() =>
    study(
      pace,
      () => (aside() < 0 ? undefined : { number: number() }),
      (q, run) =>
        new Promise<number>((resolve, reject) => {
          run.signal.addEventListener('abort', () => reject(new Error('given up')));
          asked.push({ of: q.number, run, answer: () => resolve(q.number * q.number), fail: (why) => reject(new Error(why)) });
        }),
    ),
  );
  const numbers = () => asked.map((a) => a.of);
  const askedFor = (n: number) => until(() => asked.at(-1)?.of === n, `the question of ${n}`);
  const answer = async () => {
    asked.at(-1)?.answer();
    await turn();
  };
  return { number, aside, asked, answers, numbers, askedFor, answer };
}

describe('a study when resting', () => {
  it('asks once after a run of changes, and not for what the question is not made of', async () => {
    const { number, aside, answers, numbers, askedFor, answer } = squares();
    for (let i = 2; i <= 5; i++) {
      number.set(i);
      TestBed.tick();
    }
    expect(answers.fresh()).toBe(false);
    await askedFor(5);
    await answer();
    expect([answers.last()?.answer, answers.fresh()]).toEqual([25, true]);
    aside.set(7); // read, but no part of the question
    await turn();
    expect(numbers()).toEqual([5]);
    expect(answers.fresh()).toBe(true);
  });

  it('gives up an older question, keeps the last answer, and says that it is not fresh', async () => {
    const { number, asked, answers, askedFor, answer } = squares();
    await askedFor(1);
    await answer();
    number.set(2);
    await askedFor(2);
    number.set(3);
    TestBed.tick();
    expect(asked[1].run.signal.aborted).toBe(true);
    expect([answers.last()?.answer, answers.fresh()]).toEqual([1, false]);
    await askedFor(3);
    asked[1].answer(); // the square of 2 comes late and is not wanted
    await answer();
    expect([answers.last()?.answer, answers.fresh(), answers.problem()]).toEqual([9, true, undefined]);
  });

  it('asks nothing while there is no question', async () => {
    const { aside, asked, answers } = squares();
    aside.set(-1);
    for (let i = 0; i < 5; i++) await turn();
    expect(asked).toEqual([]);
    expect(answers.fresh()).toBe(false);
  });

  it('shows why it failed, never waits for ever, and can be tried again', async () => {
    const { number, asked, answers, askedFor, answer } = squares();
    await askedFor(1);
    asked[0].fail('no such stove');
    await turn();
    expect([answers.problem(), answers.fresh()]).toEqual(['no such stove', false]);
    answers.again();
    await until(() => asked.length === 2, 'another try');
    expect(answers.problem()).toBeUndefined();
    await answer();
    expect([answers.last()?.answer, answers.problem()]).toEqual([1, undefined]);
    // a failure belongs to its question: the next one is asked as ever
    number.set(4);
    await askedFor(4);
    asked.at(-1)?.fail('again');
    await turn();
    expect(answers.problem()).toBe('again');
    number.set(5);
    TestBed.tick();
    expect(answers.problem()).toBeUndefined();
    await askedFor(5);
  });

  it('tells how far it has come, and is stopped until the question changes or it is asked again', async () => {
    const { number, asked, answers, askedFor, answer } = squares();
    await askedFor(1);
    asked[0].run.progress({ done: 2, of: 7 });
    expect(answers.progress()).toEqual({ done: 2, of: 7 });
    answers.stop();
    await turn();
    expect([answers.stopped(), answers.progress(), asked[0].run.signal.aborted, answers.problem()]).toEqual([
      true,
      undefined,
      true,
      undefined,
    ]);
    answers.again();
    await until(() => asked.length === 2, 'going on');
    expect(answers.stopped()).toBe(false);
    answers.stop();
    number.set(2);
    await askedFor(2);
    await answer();
    expect([answers.stopped(), answers.last()?.answer]).toEqual([false, 4]);
  });
});

describe('a study that follows', () => {
  it('is asked at once, one at a time, and every answer is shown until a newer one is there', async () => {
    const { number, asked, answers, numbers, answer, askedFor } = squares(FOLLOWING);
    await askedFor(1);
    for (const n of [2, 3, 4]) {
      number.set(n);
      TestBed.tick();
    }
    asked[0].answer();
    await askedFor(4); // only the newest has waited
    expect([answers.last()?.answer, answers.fresh()]).toEqual([1, false]); // late, but shown
    expect(numbers()).toEqual([1, 4]);
    await answer();
    expect([answers.last()?.answer, answers.fresh()]).toEqual([16, true]);
  });

  it('goes on with the newest question after one that failed', async () => {
    const { number, asked, answers, askedFor, answer } = squares(FOLLOWING);
    await askedFor(1);
    number.set(2);
    TestBed.tick();
    asked[0].fail('for once');
    await askedFor(2);
    expect(answers.problem()).toBeUndefined();
    await answer();
    expect(answers.last()?.answer).toBe(4);
  });
});

describe('a study behind the plan', () => {
  it('is not asked in the task of the change, and then for the newest', async () => {
    const { number, numbers, askedFor } = squares(BEHIND_PLAN);
    TestBed.tick();
    number.set(2);
    TestBed.tick();
    expect(numbers()).toEqual([]);
    await askedFor(2);
    expect(numbers()).toEqual([2]);
  });

  it('is asked again and again while something keeps changing', async () => {
    TestBed.overrideProvider(REST_FACTOR, { useValue: 1 });
    const { number, asked, answers } = squares(BEHIND_PLAN);
    const change = (holds: () => boolean): boolean => {
      number.update((n) => n + 1);
      return holds();
    };
    await until(() => change(() => asked.length === 1), 'the first question');
    asked[0].answer();
    await until(() => change(() => asked.length === 2), 'the second');
    expect(answers.last()?.answer).toBe(asked[0].of ** 2);
    expect(asked[1].of).toBeGreaterThan(asked[0].of);
  });
});
