import { setTimeout as sleep } from 'node:timers/promises';
import { quantile, timed } from './numbers';

/** So much longer than in the calmest moment a look takes at most in a calm one: beyond it the host's other guests are what is measured. */
export const CALM_SLOWNESS = 1.15;
/** So many measurements are taken at most for one that stands; where fewer were calm, the calmest stand, whatever they say. */
export const MOST_ROUNDS = 20;
/** Looks taken for one: the middle one counts, as the first of them finds caches cold. */
const LOOKS = 3;
/** What the calmest moment is known by to begin with. */
const FIRST_LOOKS = 200;
const BETWEEN_LOOKS_MS = 50;
/** A calm moment is waited for for so many looks, half a minute. */
const MOST_LOOKS = 600;

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
 * What decides is how slow a piece of work that never changes is beside it, never the result.
 */
export class Calm {
  /** How slow the machine was at most beside a measurement that stands, times its calmest moment. */
  worstSlowness = 1;
  private fastestMs = Infinity;

  /** Looks about for some seconds, to know the calmest moment. */
  static async known(): Promise<Calm> {
    const calm = new Calm();
    for (let i = 0; i < FIRST_LOOKS; i++) {
      calm.slowness();
      await sleep(BETWEEN_LOOKS_MS);
    }
    return calm;
  }

  /** So many measurements out of calm moments; `measure` is given another number each time, so that it can measure what has not been worked out before. */
  async samples<T>(count: number, measure: (run: number) => T | Promise<T>): Promise<T[]> {
    const taken: { value: T; slowness: number }[] = [];
    let calm = 0;
    for (let run = 0; run < count * MOST_ROUNDS && calm < count; run++) {
      const before = await this.calmMoment();
      const value = await measure(run);
      const slowness = Math.max(before, this.slowness());
      if (slowness <= CALM_SLOWNESS) calm++;
      taken.push({ value, slowness });
    }
    const kept = taken.sort((a, b) => a.slowness - b.slowness).slice(0, count);
    this.worstSlowness = Math.max(this.worstSlowness, ...kept.map(({ slowness }) => slowness));
    return kept.map(({ value }) => value);
  }

  /** The median of so many times, ms. */
  async medianMs(count: number, measureMs: (run: number) => number | Promise<number>): Promise<number> {
    return quantile(await this.samples(count, measureMs), 0.5);
  }

  /** Waits for the next calm moment, or long enough; how slow the last look was. */
  private async calmMoment(): Promise<number> {
    let slowness = this.slowness();
    for (let looks = 1; looks < MOST_LOOKS && slowness > CALM_SLOWNESS; looks++) {
      await sleep(BETWEEN_LOOKS_MS);
      slowness = this.slowness();
    }
    return slowness;
  }

  /** How slow the machine is just now, times the calmest moment so far. */
  private slowness(): number {
    const ms = quantile(
      Array.from({ length: LOOKS }, () => timed(readAbout)),
      0.5,
    );
    this.fastestMs = Math.min(this.fastestMs, ms);
    return ms / this.fastestMs;
  }
}
