import fc from 'fast-check';
import { blendPressure, GASES, pureVapourPressurePa } from '../src/physics/canister';
import { integrate, interned, nearest, boundedCache, suffixSums, tabulated } from '../src/foundation/numeric';

describe('integrate', () => {
  /** y' = (ceiling − y)/τ from 0: it rises to the target at t = −τ·ln(1 − target/ceiling). */
  const riseTo = (target: number, ceiling: number, tau: number) =>
    integrate(
      (_t, y, dy) => {
        dy[0] = (ceiling - y[0]) / tau;
        dy[1] = 1; // a clock beside it
      },
      Float64Array.of(0, 0),
      { tEnd: 1e6, coupled: 1, breaks: [], relTol: 1e-4, absTol: 1e-2, target },
    );

  it('finds the moment a pot with losses comes to its target, near its ceiling too, and everything else at that moment', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 0.995, noNaN: true }), fc.double({ min: 50, max: 2000, noNaN: true }), (share, tau) => {
        const run = riseTo(100 * share, 100, tau);
        expect(run.reached).toBe(true);
        expect(run.y[0]).toBeCloseTo(100 * share, 4);
        expect(run.y[1]).toBeCloseTo(run.t, 6);
        // the rise is to 1e-4 of itself and a hundredth of a kelvin: near the ceiling that is a longer time
        const slope = (100 * (1 - share)) / tau;
        expect(Math.abs(run.t + tau * Math.log(1 - share))).toBeLessThan(0.03 / slope);
      }),
    );
  });

  it('says so where the target lies above the ceiling', () => expect(riseTo(101, 100, 200).reached).toBe(false));
});

describe('tabulated', () => {
  it('follows a smooth function between its points to a part in 10⁸, to both ends', () => {
    const f = (x: number): number => Math.exp(0.05 * x);
    const table = tabulated(f, -20, 30, 0.5);
    for (let x = -20; x <= 30; x += 0.037) expect(Math.abs(table(x) / f(x) - 1)).toBeLessThan(1e-8);
    expect(table(30)).toBeCloseTo(f(30), 8);
  });

  it('asks its function for nothing before it is asked itself, and then once', () => {
    let asked = 0;
    const table = tabulated((x) => (asked++, x), 0, 10, 1);
    expect(asked).toBe(0);
    table(3);
    const drawn = asked;
    expect([table(7), asked]).toEqual([7, drawn]);
  });

  it('gives the pressure of each pure gas as the relation does', () => {
    GASES.forEach((gas) => {
      const pure = blendPressure({ propane: 0, isobutane: 0, nButane: 0, [gas]: 1 });
      for (let c = -78; c <= 88; c += 0.37) expect(Math.abs(pure(c) / pureVapourPressurePa(gas, c) - 1)).toBeLessThan(1e-8);
    });
  });
});

describe('nearest', () => {
  it('is the one that none is nearer than, and the first of those', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -50, max: 50 }), { minLength: 1 }), fc.integer({ min: -60, max: 60 }), (list, x) => {
        const items = list.map((figure, place) => ({ figure, place }));
        const found = nearest(items, (i) => i.figure, x);
        const off = Math.min(...list.map((f) => Math.abs(f - x)));
        expect(found.place).toBe(list.findIndex((f) => Math.abs(f - x) === off));
      }),
    );
  });
});

describe('a bounded cache', () => {
  it('gives back what was made under a key, whatever was asked for in between, and makes the same no more often than it must', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(30), { maxLength: 200 }), fc.integer({ min: 1, max: 12 }), (asked, most) => {
        const memory = boundedCache<number>(most);
        const made: number[] = [];
        const recent: number[] = [];
        for (const n of asked) {
          const before = made.length;
          expect(memory.get(String(n), () => (made.push(n), n * n))).toBe(n * n);
          // one of the last `most` different ones is never made again
          if (recent.slice(-most).includes(n)) expect(made.length).toBe(before);
          if (recent.includes(n)) recent.splice(recent.indexOf(n), 1);
          recent.push(n);
        }
      }),
    );
  });

  it('forgets: of a thousand keys asked for once, the first is made again', () => {
    const memory = boundedCache<number>(10);
    let made = 0;
    for (let i = 0; i < 1000; i++) memory.get(String(i), () => ++made);
    memory.get('0', () => ++made);
    expect(made).toBe(1001);
    memory.get('999', () => ++made);
    expect(made).toBe(1001);
  });
});

describe('numbers that stand for values', () => {
  it('are one for equal values and two for others, whichever object they come in', () => {
    const anyValue = fc.record({ a: fc.nat(3), b: fc.array(fc.boolean(), { maxLength: 2 }) });
    fc.assert(
      fc.property(fc.array(anyValue, { minLength: 2, maxLength: 30 }), (values) => {
        const numberOf = interned<object>(1000);
        const numbers = values.map(numberOf);
        values.forEach((v, i) => expect(numberOf(structuredClone(v))).toBe(numbers[i]));
        values.forEach((v, i) => values.forEach((w, j) => expect(numbers[i] === numbers[j]).toBe(JSON.stringify(v) === JSON.stringify(w))));
      }),
    );
  });

  it('are never given twice, not even to what has been forgotten', () => {
    const numberOf = interned<{ n: number }>(5);
    const first = Array.from({ length: 100 }, (_, n) => numberOf({ n }));
    const again = Array.from({ length: 100 }, (_, n) => numberOf({ n }));
    expect(new Set(first).size).toBe(100);
    again.forEach((number, n) => expect(first.indexOf(number) === -1 || first[n] === number).toBe(true));
  });

  it('look at what tells values apart, and at nothing else', () => {
    const numberOf = interned(10, ({ kit }: { kit: string; seen: number }) => kit);
    expect(numberOf({ kit: 'a', seen: 1 })).toBe(numberOf({ kit: 'a', seen: 2 }));
    expect(numberOf({ kit: 'b', seen: 1 })).not.toBe(numberOf({ kit: 'a', seen: 1 }));
  });
});

describe('sums to the end', () => {
  it('are what is left of the whole, and nothing past the last', () => {
    expect(suffixSums([3, 1, 2])).toEqual([6, 3, 2, 0]);
    expect(suffixSums([])).toEqual([0]);
  });
});
