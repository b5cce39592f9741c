import fc from 'fast-check';
import { DEMO_SHELF } from '../src/demo';
import { shelfItemSchema, type Look, type ShelfItem } from '../src/domain/model';
import { normals, seededRandom } from '../src/planning/risk';
import { newContainer, stockOf, usedBefore, withLook, withoutLook, type Stock } from '../src/domain/shelf';
import { problemOf, valueOf } from './value-of';

// Check values: docs/physics.md, Shelf. Hand calculations stand beside each.

const NEW_230: ShelfItem = newContainer('a', 'canister', 'a can');
const NEW_100: ShelfItem = { ...NEW_230, netG: 100, tareG: 99 };
const begun = (item: ShelfItem): ShelfItem => ({ ...item, openedOn: '2027-03-01' });
const weighed = (grossG: number, more: Partial<Extract<Look, { how: 'weighed' }>> = {}): Look => ({
  how: 'weighed',
  on: '2027-04-01',
  grossG,
  scaleSdG: 1,
  simulated: false,
  used: false,
  ...more,
});
const burnt = (minutes: number): Look => ({ how: 'burnt', on: '2027-04-01', minutes, gPerMin: 1.1, canC: 10 });
const COUNTED: Look = { how: 'counted', on: '2027-04-01', count: 3, used: false };
const after = (item: ShelfItem, ...looks: Look[]): Stock => stockOf(looks.reduce((i, l) => valueOf(withLook(i, l)), item));

describe('what is left in a container', () => {
  it('is what it weighs less what it weighs empty: 139 g less 99 g of 99 g net are 40 g, 0.40 full', () => {
    const stock = after(begun({ ...NEW_100, netG: 99 }), weighed(139));
    expect(stock.left.massG).toBeCloseTo(40, 2);
    expect(stock.share).toBeCloseTo(0.404, 3);
    expect(stock.left.sdG).toBeCloseTo(Math.hypot(1, 0.5), 2); // scale and printed tare
  });

  it('fuses readings by how good they are: 145 ± 7 with 152 ± 8 weigh 148.04 ± 5.27', () => {
    // (145/49 + 152/64) / (1/49 + 1/64) = 5.3342 / 0.036033; √(1/0.036033)
    const stock = after(begun(NEW_100), weighed(145, { scaleSdG: 7 }), weighed(152, { scaleSdG: 8 }));
    expect(stock.gross.massG).toBeCloseTo(148.04, 1);
    expect(stock.gross.sdG).toBeCloseTo(5.27, 2);
    expect(stock.left.massG).toBeCloseTo(148.04 - 99, 1);
  });

  it('is as doubtful as an unknown tare, however often it is weighed', () => {
    const often = Array.from({ length: 50 }, () => weighed(293));
    const stock = after(begun(NEW_230), ...often);
    expect(stock.left.massG).toBeCloseTo(143, 0); // 293 less the usual 150
    expect(stock.left.sdG).toBeGreaterThan(4);
    expect(stock.left.sdG).toBeLessThan(4.1);
  });

  it('learns the tare of a can that was weighed when new', () => {
    // 376 g new: 230 g in it (give or take 1 %), so the can weighs 146, not the usual 150
    const fresh = after(NEW_230, weighed(376, { scaleSdG: 0.5 }));
    expect(fresh.tare.massG).toBeLessThan(148);
    const later = after(NEW_230, weighed(376, { scaleSdG: 0.5 }), weighed(246, { used: true, on: '2027-05-01' }));
    expect(later.left.massG).toBeGreaterThan(98); // 96 by the usual tare
    expect(later.left.sdG).toBeLessThan(3);
  });

  it('by the clock is wrong for all burns together: six of 8.8 g are 52.8 ± 7.9 g, not ± 3.2', () => {
    const stock = after(NEW_100, ...Array.from({ length: 6 }, () => burnt(8)));
    expect(stock.left.massG).toBeCloseTo(100 - 52.8, 6);
    expect(stock.left.sdG).toBeCloseTo(Math.hypot(7.92, 1), 2); // and 1 % of what the maker fills
  });

  it('by the clock and by the scale together is nearer the better of them', () => {
    const stock = after(NEW_100, burnt(40), weighed(150, { scaleSdG: 2 }));
    // 44 ± 6.6 burnt leave 56; the scale says 51 ± 2.1 (and 0.5 of the tare)
    expect(stock.left.massG).toBeGreaterThan(51);
    expect(stock.left.massG).toBeLessThan(52);
    expect(stock.left.sdG).toBeLessThan(2.1);
  });

  it('since the water line was marked does not ask how deep the foot is', () => {
    const marked: Look = { how: 'marked', on: '2027-04-01' };
    const risen: Look = { how: 'risen', on: '2027-04-02', risenMm: 5, used: true };
    const stock = after(NEW_230, marked, risen);
    expect(stock.left.massG).toBeCloseTo(230 - 5 * 9.503, 1); // a can of 110 mm
    expect(stock.left.sdG).toBeCloseTo(Math.hypot(10, 2.3), 1);
    expect(problemOf(withLook(NEW_230, risen))).toEqual({ code: 'noMark' });
  });

  it('is anything where nobody has looked since it was opened', () => {
    expect(stockOf(begun(NEW_100))).toMatchObject({ unknown: true, left: { massG: 50 } });
    expect(stockOf(NEW_100)).toMatchObject({ unknown: false, left: { massG: 100 }, share: 1 });
  });

  it('agrees with a thousand cans drawn by lot: the doubt it tells is the one it has', () => {
    const z = normals(seededRandom(11));
    const errors = Array.from({ length: 1000 }, () => {
      const [trueTareG, trueFuelG] = [150 + 4 * z(), 230 * (1 + 0.01 * z())];
      const flow = 1 + 0.15 * z();
      const leftG = trueFuelG - 60 * 1.1 * flow;
      const stock = after(NEW_230, burnt(60), weighed(Math.max(155, leftG + trueTareG + 5 * z()), { scaleSdG: 5 }));
      return { error: stock.left.massG - leftG, sd: stock.left.sdG };
    });
    const rms = Math.sqrt(errors.reduce((s, e) => s + e.error ** 2, 0) / errors.length);
    expect(Math.abs(rms / errors[0].sd - 1)).toBeLessThan(0.08);
  });

  it('is never below nothing nor above what it holds, whatever is read off it', () => {
    const anyLook = fc.oneof(
      fc.integer({ min: 150, max: 380 }).map((g) => weighed(g)),
      fc.integer({ min: 150, max: 380 }).map((g) => weighed(g, { used: true })),
      fc.integer({ min: 1, max: 90 }).map(burnt),
    );
    fc.assert(
      fc.property(fc.array(anyLook, { maxLength: 6 }), (looks) => {
        const { left, share, blend } = after(NEW_230, ...looks);
        expect(left.massG).toBeGreaterThanOrEqual(0);
        expect(left.massG).toBeLessThanOrEqual(230);
        expect(share).toBeCloseTo(left.massG / 230, 9);
        expect(blend && blend.propane + blend.isobutane + blend.nButane).toBeCloseTo(1, 6);
      }),
    );
  });
});

describe('looks that do not agree', () => {
  const first = weighed(300);

  it('are asked about, and until then the lesser counts', () => {
    const lost = after(begun(NEW_230), first, weighed(270));
    expect(lost.asks).toMatchObject({ look: 1 });
    expect(lost.asks?.byG).toBeCloseTo(-30, 0);
    expect(lost.left.massG).toBeCloseTo(120, 0);
    const found = after(begun(NEW_230), first, weighed(330));
    expect(found.asks?.byG).toBeCloseTo(30, 0);
    expect(found.left.massG).toBeCloseTo(150, 0);
  });

  it('are settled by saying that it was used, or by leaving one out', () => {
    const item = [first, weighed(270)].reduce((i, l) => valueOf(withLook(i, l)), begun(NEW_230));
    expect(stockOf(usedBefore(item, 1)).asks).toBeUndefined();
    expect(stockOf(usedBefore(item, 1)).left.massG).toBeCloseTo(120, 0);
    expect(stockOf(withoutLook(item, 1)).left.massG).toBeCloseTo(150, 0);
    expect(stockOf(withoutLook(item, 0)).left.massG).toBeCloseTo(120, 0);
  });

  it('are no matter where it was used in between, unless it has become heavier', () => {
    expect(after(begun(NEW_230), first, weighed(270, { used: true })).asks).toBeUndefined();
    expect(after(begun(NEW_230), first, weighed(330, { used: true })).asks).toMatchObject({ look: 1 });
  });
});

describe('a look that cannot be', () => {
  it.each([
    ['lighter than the empty can', weighed(120), { code: 'lighterThanEmpty', grossG: 120, tareG: 150 }],
    ['heavier than the full one', weighed(420), { code: 'heavierThanFull', grossG: 420, fullG: 380 }],
    ['counted where there is nothing to count', COUNTED, { code: 'notForThis', how: 'counted' }],
    ['burnt that it never held', burnt(300), { code: 'moreThanItHolds', fuelG: 330, netG: 230 }],
  ])('%s is refused, and nothing is lost', (_what, look, problem) => {
    const item = valueOf(withLook(NEW_230, weighed(300)));
    const refusedAs = problemOf(withLook(item, look));
    const rounded = Object.entries(refusedAs).map(([k, v]: [string, unknown]): [string, unknown] => [
      k,
      typeof v === 'number' ? Math.round(v) : v,
    ]);
    expect(rounded).toEqual(Object.entries(problem));
    expect(item.looks).toHaveLength(1);
  });

  it('before the last one is refused, with both days', () => {
    const item = valueOf(withLook(NEW_230, weighed(300)));
    expect(problemOf(withLook(item, weighed(290, { on: '2027-03-01' })))).toEqual({
      code: 'beforeTheLast',
      on: '2027-03-01',
      last: '2027-04-01',
    });
  });

  it('is refused in a file as well, with its place', () => {
    const read = shelfItemSchema.safeParse({ ...NEW_230, looks: [weighed(300), weighed(120)] });
    expect(read.error?.issues.map((i) => [i.path.join('.'), i.message])).toEqual([['looks.1', 'lighterThanEmpty ("a can")']]);
    expect(shelfItemSchema.safeParse({ ...NEW_230, fuelId: 'gel' }).success).toBe(false);
  });
});

describe('the demo’s shelf', () => {
  const left = (id: string): Stock => stockOf(DEMO_SHELF.find((c) => c.id === id) ?? NEW_230);

  it('holds nine containers, and what its stories say is in them', () => {
    expect(DEMO_SHELF).toHaveLength(9);
    expect(left('shelf-ridge').left.massG).toBeCloseTo(90, 0);
    expect(left('shelf-small').left.massG).toBeCloseTo(40, 0);
    expect(left('shelf-spirit').left.massG).toBeCloseTo(310 * 0.8, 0);
    expect(left('shelf-tablets').left.massG).toBeCloseTo(9 * 14, 0);
  });

  it('asks about the large can: 45 g less on the pole than it weighed, and nobody logged it', () => {
    expect(left('shelf-large').asks).toMatchObject({ look: 1 });
    expect(left('shelf-large').left.massG).toBeCloseTo(365 - 210, 0); // 500 · 365 / 500
  });

  it('knows the garden can by watch and water line together better than by either', () => {
    // 95 min at 1.1 g are 104.5 ± 15.7 g; 11.5 mm of 9.503 g are 109.3 ± 10 g
    const { left: both } = left('shelf-garden');
    expect(both.massG).toBeGreaterThan(230 - 109.3);
    expect(both.massG).toBeLessThan(230 - 104.5);
    expect(both.sdG).toBeLessThan(10);
  });
});
