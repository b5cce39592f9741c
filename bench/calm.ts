import { setTimeout as sleep } from 'node:timers/promises';
import { quantile, timed } from './numbers';

/** So much longer than in the calmest moment a look takes at most in a calm one: beyond it the host's other guests are what is measured. */
export const CALM_SLOWNESS = 1.15;
/** So many measurements are taken at most in one go for one that stands; where fewer were calm, the calmest stand, whatever they say. */
const MOST_ROUNDS = 8;
/** Looks taken for one: the middle one counts, as the first of them finds caches cold. */
const LOOKS = 3;
/** What takes seconds is looked beside while it goes on: such a share of the looks has to be calm. */
const CALM_SHARE = 0.9;
const WHILE_AT_IT_MS = 100;
/** What the calmest moment is known by to begin with. */
const FIRST_LOOKS = 200;
const BETWEEN_LOOKS_MS = 50;
/** Calm moments are waited for so often, a minute, for all the measurements of one row: a machine that never is calm is measured as it is. */
const MOST_WAITS = 1200;

/** No more than a core keeps to itself: to read about in it takes half as long again, or twice as long, where another guest works on the core's other thread. */
const TABLE = Float64Array.from({ length: 2 ** 13 }, (_, i) => i);
const READS = 1e5;

function readAbout(): number {
  let sum = 0;
  for (let i = 0, at = 1; i < READS; i++) {
    at = (Math.imul(at, 1103515245) + 12345) & (TABLE.length - 1);
    sum += TABLE[at];
  }
  return sum;
}

/**
 * Measures while the other guests of the machine's host leave it alone, and anew what was not calm before and after.
 * What decides is how slow a piece of work that never changes is beside it, before, after and, where it takes long, meanwhile; never the result.
 */
export class Calm {
  private fastestMs = Infinity;
  private worstMs = 0;
  /** Measurements taken, for whatever: none has another's number. */
  private runs = 0;

  /** Looks about for some seconds, to know the calmest moment. */
  static async known(): Promise<Calm> {
    const calm = new Calm();
    for (let i = 0; i < FIRST_LOOKS; i++) {
      calm.lookMs();
      await sleep(BETWEEN_LOOKS_MS);
    }
    return calm;
  }

  /** What some measurements give, and how long the piece of work took at most beside those that stand, ms. */
  async beside<T>(measure: (calm: Calm) => Promise<T>): Promise<{ value: T; besideMs: number }> {
    this.worstMs = 0;
    return { value: await measure(this), besideMs: this.worstMs };
  }

  /** So many times the calmest moment that has been seen until now: an hour may begin with a busy one. */
  slowness(besideMs: number): number {
    return besideMs / this.fastestMs;
  }

  /** So many measurements out of calm moments; `measure` is given a number that no other measurement has, so that it can measure what has not been worked out before. */
  async samples<T>(count: number, measure: (run: number) => T | Promise<T>): Promise<T[]> {
    const taken: { value: T; besideMs: number }[] = [];
    let calm = 0;
    let waits = 0;
    while (taken.length < count * MOST_ROUNDS && calm < count) {
      let beforeMs = this.lookMs();
      for (; waits < MOST_WAITS && !this.isCalm(beforeMs); waits++) {
        await sleep(BETWEEN_LOOKS_MS);
        beforeMs = this.lookMs();
      }
      const { value, meanwhileMs } = await this.lookedBeside(() => measure(this.runs++));
      const besideMs = Math.max(beforeMs, meanwhileMs, this.lookMs());
      if (this.isCalm(besideMs)) calm++;
      taken.push({ value, besideMs });
    }
    const kept = taken.sort((a, b) => a.besideMs - b.besideMs).slice(0, count);
    this.worstMs = Math.max(this.worstMs, ...kept.map(({ besideMs }) => besideMs));
    return kept.map(({ value }) => value);
  }

  /** What some work gives, and how long the piece of work took while it went on (nothing for what leaves no moment between). */
  private async lookedBeside<T>(work: () => T | Promise<T>): Promise<{ value: T; meanwhileMs: number }> {
    const looks: number[] = [];
    const timer = setInterval(() => looks.push(this.lookMs()), WHILE_AT_IT_MS);
    try {
      return { value: await work(), meanwhileMs: quantile(looks, CALM_SHARE) };
    } finally {
      clearInterval(timer);
    }
  }

  /** The median of so many times, ms. */
  async medianMs(count: number, measureMs: (run: number) => number | Promise<number>): Promise<number> {
    return quantile(await this.samples(count, measureMs), 0.5);
  }

  /** Does what was measured beside it stand? */
  isCalm(besideMs: number): boolean {
    return this.slowness(besideMs) <= CALM_SLOWNESS;
  }

  /** How long the piece of work takes just now. */
  private lookMs(): number {
    const ms = quantile(
      Array.from({ length: LOOKS }, () => timed(readAbout)),
      0.5,
    );
    this.fastestMs = Math.min(this.fastestMs, ms);
    return ms;
  }
}
