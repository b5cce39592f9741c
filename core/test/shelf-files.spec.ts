import fc from 'fast-check';
import { fuelOfG, gramPrices } from '../src/domain/carry';
import {
  PLAIN_RACK,
  besideShelf,
  rackSchema,
  SHELF_KINDS,
  tripSchema,
  type Look,
  type Rack,
  type ShelfItem,
  type Trip,
} from '../src/domain/model';
import { planTrip } from '../src/planning/plan';
import {
  afterTrip,
  coldestAirC,
  joinPlan,
  newContainer,
  paybackCans,
  pricePerG,
  readSaid,
  refreshed,
  seasonOf,
  stockOf,
  withLook,
  withPlace,
} from '../src/domain/shelf';
import { readShelfCsv, writeShelfCsv } from '../src/output/tables';
import { ownChoice, seasonPlan } from '../src/studies/study';
import { ofDays, SHORT_TRIP } from './short-trip';
import { problemOf, valueOf } from './value-of';

const can = (id: string, grossG: number, more: Partial<ShelfItem> = {}): ShelfItem =>
  valueOf(
    withLook(
      { ...newContainer(id, 'canister', `can ${id}`), openedOn: '2027-03-01', tareG: 150, ...more },
      { how: 'weighed', on: '2027-04-01', grossG, scaleSdG: 1, simulated: false, used: true },
    ),
  );
let next = 0;
const newId = (): string => `new-${next++}`;
const rackWith = (...shelf: ShelfItem[]): Rack => ({ ...PLAIN_RACK, shelf });

describe('a shelf as a table', () => {
  const anyLook: fc.Arbitrary<Look> = fc.oneof(
    fc
      .integer({ min: 160, max: 370 })
      .map((grossG): Look => ({ how: 'weighed', on: '2027-04-01', grossG, scaleSdG: 1, simulated: true, used: false })),
    fc.integer({ min: 1, max: 60 }).map((minutes): Look => ({ how: 'burnt', on: '2027-04-01', minutes, gPerMin: 1.25, canC: -3 })),
    fc.constant<Look>({ how: 'marked', on: '2027-04-01' }),
  );
  const anyItem: fc.Arbitrary<ShelfItem> = fc
    .tuple(fc.constantFrom(...SHELF_KINDS), fc.stringMatching(/^[a-z=+'",; ]{0,20}$/), fc.array(anyLook, { maxLength: 3 }))
    .map(([kind, name, looks]) => ({ ...newContainer('any', kind, name.trim()), looks: kind === 'canister' ? looks : [] }));

  it('comes back as it went, every look of every container', () => {
    fc.assert(
      fc.property(fc.array(anyItem, { minLength: 1, maxLength: 4 }), (list) => {
        const shelf = list.map((c, i) => ({ ...c, id: `id-${i}`, name: `${c.name} ${i}`.trim() }));
        const read = valueOf(readShelfCsv(writeShelfCsv(shelf), rackWith(...shelf), newId));
        expect([read.rack.shelf, read.bad]).toEqual([shelf, []]);
      }),
    );
  });

  it('names the line and the reason of what cannot be, and keeps the rest', () => {
    const text =
      'name,kind,fuelId,netG,tareG,how,on,grossG\r\ngood,canister,gas-20-80,230,150,weighed,2027-04-01,300\r\nbad,canister,gas-20-80,230,150,weighed,2027-04-01,100\r\nodd,bucket,gas-20-80,230,,,,\r\n,canister,gas-20-80,x,,,,\r\n';
    const { rack, count, bad } = valueOf(readShelfCsv(text, rackWith(), newId));
    expect([count, rack.shelf.map((c) => c.name)]).toEqual([1, ['good']]);
    expect(bad.map((b) => [b.line, b.cells.map((c) => c.column)]).sort()).toEqual([
      [3, ['looks.0']],
      [4, ['kind']],
      [5, ['netG', 'name']],
    ]);
  });
});

describe('a shelf beside another', () => {
  it('takes in what is new, keeps what is the same in whatever order it was written, and gives a taken id a new one', () => {
    const here = can('a', 300);
    const backwards = Object.fromEntries(Object.entries(here).reverse()) as unknown as ShelfItem;
    expect(besideShelf([here], [backwards], newId)).toEqual([here]);
    const both = besideShelf([here], [{ ...here, name: 'another' }], () => 'b');
    expect(both.map((c) => [c.id, c.name])).toEqual([
      ['a', 'can a'],
      ['b', 'another'],
    ]);
  });
});

describe('what is stored from before there was a shelf', () => {
  it('has an empty one, and trips that take nothing from it', () => {
    const { shelf: _none, ...before } = PLAIN_RACK;
    expect(rackSchema.parse(before).shelf).toEqual([]);
    const { own: _nothing, ...trip } = SHORT_TRIP;
    expect(tripSchema.parse(trip).own).toEqual([]);
  });
});

describe('the shelf and a trip', () => {
  const half = can('half', 240);

  it('knows a container as it stood, and as it stands once it is weighed again', () => {
    const trip = withPlace(SHORT_TRIP, half, 'best');
    expect(trip.own).toMatchObject([{ id: 'half', tareG: 150, place: 'best' }]);
    expect(trip.own[0].fuelG).toBeCloseTo(90, 1);
    expect(refreshed(trip, [half])).toBe(trip);
    const lighter = can('half', 200);
    expect(refreshed(trip, [lighter]).own[0].fuelG).toBeCloseTo(50, 1);
    expect(refreshed(trip, []).own).toEqual([]);
    expect(withPlace(trip, half, 'home').own).toEqual([]);
  });

  it('comes home as it is: drawn down, left at the bin, or new from a shop', () => {
    const trip = withPlace(SHORT_TRIP, half, { stopId: SHORT_TRIP.stops[0].id });
    const plan = planTrip(trip);
    const [c] = plan.carries;
    const shelf = afterTrip([half, can('home', 300)], trip, plan.carries, { on: '2027-07-01', canC: 8, newId });
    const back = shelf.find((x) => x.id === 'half');
    const left = c.after.find((x) => x.own?.id === 'half')?.fuelG ?? 0;
    expect(back && stockOf(back).left.massG).toBeCloseTo(left, 0);
    expect(shelf.find((x) => x.id === 'home')).toEqual(can('home', 300));
    const bought = shelf.filter((x) => x.id.startsWith('new-'));
    expect(bought.reduce((sum, x) => sum + stockOf(x).left.massG, 0)).toBeCloseTo(fuelOfG(c.after) - left, 0);
    // a tin of another trip never turns up as one of this shelf
    expect(shelf).toHaveLength(2 + bought.length);
  });

  it('says what each way of using it comes to, and what is better finished at home', () => {
    const trip = ofDays(3);
    const heavy = can('heavy', 215, { netG: 450, tareG: 210 });
    const light = can('light', 190, { netG: 100, tareG: 95 });
    const { ways, toFinish } = ownChoice(trip, [heavy, light]);
    const [best, none, without] = ways;
    expect(best.taken.map((t) => t.id)).toEqual(['light']);
    expect(best.averageG).toBeLessThanOrEqual(none.averageG);
    expect(best.price).toBeLessThan(none.price);
    expect(without.way).toEqual({ code: 'without', id: 'light' });
    expect(without.averageG).toBeGreaterThanOrEqual(best.averageG - 1e-6);
    expect(toFinish).toEqual(['heavy']);
  });

  it('goes through a season: what one trip brings home is there for the next, and no price is paid twice', () => {
    const trip = (id: string, startDate: string): Trip => ({ ...ofDays(2), id, name: id, startDate });
    const trips = [trip('late', '2027-09-01'), trip('early', '2027-06-01'), trip('gone', '2026-06-01')];
    const season = seasonPlan(trips, [can('light', 190, { netG: 100, tareG: 95 })], '2027-01-01');
    expect(season.trips.map((t) => t.name)).toEqual(['early', 'late']);
    expect(season.trips[0].taken.map((t) => t.id)).toEqual(['light']);
    expect(season.price).toBeLessThan(season.priceWithoutShelf);
    expect(season.priceByMoney).toBeLessThanOrEqual(season.price + 1e-9);
    expect(season.price).toBeCloseTo(
      season.trips.reduce((sum, t) => sum + t.price, 0),
      9,
    );
  });
});

describe('what nobody has looked at since it was opened', () => {
  it('is not taken along: it may be empty', () => {
    const begun: ShelfItem = { ...newContainer('x', 'canister', 'x'), openedOn: '2027-01-01' };
    expect(withPlace(SHORT_TRIP, begun, 'best').own).toEqual([]);
    expect(ownChoice(SHORT_TRIP, [begun]).ways[0].taken).toEqual([]);
  });
});

describe('leftovers', () => {
  const full = (id: string, grossG: number): ShelfItem => can(id, grossG);

  it('go into one can, the emptiest first, never above what it is rated for, and a little vapour stays', () => {
    const plan = joinPlan(full('into', 250), [full('b', 230), full('a', 200), full('other', 250)], 20);
    expect(plan.passes.map((p) => p.senderId)).toEqual(['a', 'b', 'other']);
    const [a, b, other] = plan.passes;
    // 50 g less the vapour that stays in half a litre at 20 °C
    expect(a.movedG).toBeGreaterThan(45);
    expect(a.movedG).toBeLessThan(49);
    expect(b.senderG).toBeLessThan(5);
    expect(other.receiverG).toBeCloseTo(230, 6);
    expect(other.senderG).toBeGreaterThan(90);
    expect(joinPlan(full('into', 380), [full('a', 200)], 20).idle).toEqual([{ id: 'a', why: { code: 'full' } }]);
  });

  it('of another blend are not joined', () => {
    const { idle, passes } = joinPlan(full('into', 250), [can('b', 230, { fuelId: 'gas-30-70' })], 20);
    expect([passes, idle]).toEqual([[], [{ id: 'b', why: { code: 'otherBlend' } }]]);
  });

  it('pay for a valve after so many cans', () => {
    // 30 g a can at 9 for 230 g are 1.17: twelve for a valve of 14
    expect(paybackCans(14, 30, pricePerG({ price: 9, netG: 230 }) ?? 0)).toBe(12);
    expect(paybackCans(14, 0, 0.04)).toBeUndefined();
  });
});

describe('what a can is still good for', () => {
  it('falls with what is left of its propane', () => {
    const coldest = (item: ShelfItem): number =>
      coldestAirC(stockOf(item).blend ?? { propane: 0, isobutane: 1, nButane: 0 }, 'vapour', 101_325) ?? 99;
    const fresh = newContainer('f', 'canister', 'f');
    expect(coldest(fresh)).toBeLessThan(coldest(can('half', 265)));
    expect(coldest(can('half', 265))).toBeLessThan(coldest(can('low', 165)));
    expect([seasonOf(coldest(fresh)), seasonOf(undefined), seasonOf(9)]).toEqual(['deepCold', 'stoveTest', 'stoveTest']);
  });
});

describe('a gram by size and place', () => {
  it('is the price over what is in it, once a place, the cheapest first; what is poured has no fixed content', () => {
    const offers = gramPrices([
      { packageId: 'can-100', price: 7, place: 'A' },
      { packageId: 'can-230', price: null, place: 'A' },
      { packageId: 'can-100', price: 9, place: 'A' },
      { packageId: 'alcohol-poured', price: 10, place: 'A' },
      { packageId: 'can-100', price: 6, place: 'B' },
    ]);
    // 9 for 230 g at the usual price, 6 and 7 for 100 g
    expect(offers.map((o) => [o.packageId, o.place, o.perG.toFixed(4), o.assumed])).toEqual([
      ['can-230', 'A', '0.0391', true],
      ['can-100', 'B', '0.0600', false],
      ['can-100', 'A', '0.0700', false],
    ]);
  });
});

describe('a container as it is said', () => {
  const said = (text: string): ShelfItem => valueOf(readSaid(text, '2027-04-01', 'id'));
  const left = (text: string): number => stockOf(said(text)).left.massG;

  it.each([
    ['230 g canister, weighs 293 g', 143, 'canister'],
    ['100 g canister, empty 99 g, weighs 139', 40, 'canister'],
    ['8 oz can, weighs 10.3 oz', 142, 'canister'],
    ['450 g gas can, new', 450, 'canister'],
    ['230 g canister, new, weighs 377', 229, 'canister'],
    ['500 mL spirit, holds 310 mL', 248, 'bottle'],
    ['9 tablets', 126, 'tablets'],
    ['tin of gel, weighs 171 g', 136, 'gelTin'],
    ['600 mL white gas bottle, empty 118, weighs 356', 238, 'liquidBottle'],
  ])('“%s” holds %d g', (text, fuelG, kind) => {
    expect(said(text).kind).toBe(kind);
    expect(Math.abs(left(text) - fuelG)).toBeLessThan(1.5);
  });

  it.each([
    ['a thing', { code: 'noKind' }],
    ['gas can', { code: 'noSize', kind: 'canister' }],
    ['230 g canister, weighs 293 stone', { code: 'badQuantity', part: '293 stone' }],
    ['230 g canister, weighs 93 g', { code: 'badLook', problem: { code: 'lighterThanEmpty' } }],
    ['230 g canister, weighs 693 g', { code: 'badLook', problem: { code: 'heavierThanFull' } }],
    ['230 g canister, rusty', { code: 'unknownPart', part: 'rusty' }],
    ['90 kg can', { code: 'outside', field: 'netG' }],
  ])('“%s” is not, and says why', (text, problem) => {
    expect(problemOf(readSaid(text, '2027-04-01', 'id'))).toMatchObject(problem);
  });
});
