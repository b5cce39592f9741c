import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { answerFollowing, answerWhenResting } from './when-resting';

const wait = (ms: number) => new Promise((r) => setTimeout(r, ms));

describe('answers when resting', () => {
  const setup = () => {
    const number = signal(1);
    const aside = signal(0);
    const asked: number[] = [];
    const slow = signal(0);
    const answers = TestBed.runInInjectionContext(() =>
      answerWhenResting(
        () => (aside() < 0 ? undefined : { number: number() }),
        async (q) => {
          asked.push(q.number);
          await wait(slow());
          return q.number * q.number;
        },
      ),
    );
    const rest = async (ms = 100) => {
      TestBed.tick();
      await wait(ms);
    };
    return { number, aside, slow, asked, answers, rest };
  };

  it('ask once after a run of changes, and not for what the question is not made of', async () => {
    const { number, aside, asked, answers, rest } = setup();
    for (let i = 2; i <= 5; i++) {
      number.set(i);
      TestBed.tick();
    }
    expect(answers.fresh()).toBe(false);
    await rest();
    expect(asked).toEqual([5]);
    expect([answers.last()?.answer, answers.fresh()]).toEqual([25, true]);
    aside.set(7); // read, but no part of the question
    await rest();
    expect(asked).toEqual([5]);
    expect(answers.fresh()).toBe(true);
  });

  it('drop what comes too late, keep the last one, and say that it is not fresh', async () => {
    const { number, slow, answers, rest } = setup();
    await rest();
    expect(answers.last()?.answer).toBe(1);
    slow.set(150);
    number.set(2);
    await rest(); // asked, not answered yet
    number.set(3);
    TestBed.tick();
    expect([answers.last()?.answer, answers.fresh()]).toEqual([1, false]);
    await wait(150);
    expect(answers.last()?.answer).toBe(1); // the square of 2 came and was not wanted
    await wait(150);
    expect([answers.last()?.answer, answers.fresh()]).toEqual([9, true]);
  });

  it('ask nothing while there is no question', async () => {
    const { aside, asked, answers, rest } = setup();
    aside.set(-1);
    await rest();
    expect(asked).toEqual([]);
    expect(answers.fresh()).toBe(false);
  });
});

describe('answers that follow', () => {
  it('are asked at once, one at a time, and every one is shown until a newer one is there', async () => {
    const number = signal(1);
    const asked: number[] = [];
    const answers = TestBed.runInInjectionContext(() =>
      answerFollowing(
        () => ({ number: number() }),
        async (q) => {
          asked.push(q.number);
          await wait(60);
          return 10 * q.number;
        },
      ),
    );
    TestBed.tick();
    await wait(20);
    expect(asked).toEqual([1]);
    for (const n of [2, 3, 4]) {
      number.set(n);
      TestBed.tick();
    }
    await wait(70); // the first is there, late but shown; only the newest waits
    expect([answers.last()?.answer, answers.fresh()]).toEqual([10, false]);
    expect(asked).toEqual([1, 4]);
    await wait(90);
    expect([answers.last()?.answer, answers.fresh()]).toEqual([40, true]);
  });
});
