import fc from 'fast-check';
import ICAL from 'ical.js';
import { DEMO_RACK, DEMO_TRIP } from '../src/demo';
import {
  brief,
  conePattern,
  containerDays,
  cozyPatterns,
  developedCone,
  doseStrip,
  dryCamps,
  floatStrip,
  homeWork,
  levelMm,
  packedSoFar,
  packingList,
  packingLists,
  patternsFor,
  PACK_GROUPS,
  stopSheets,
  stoveCard,
  sumsOf,
  windscreenStrip,
} from '../src/output/pack';
import { planTrip } from '../src/planning/plan';
import { writeIcs } from '../src/output/calendar';
import { EMPTY_G } from '../src/domain/carry';
import { anyTrip } from './any-trip';

const PLAN = planTrip(DEMO_TRIP);

describe('how much of a list is packed', () => {
  const [list] = packingLists(DEMO_RACK, DEMO_TRIP, PLAN);

  it('parts the starting weight, whatever is ticked; what is ticked comes first', () => {
    fc.assert(
      fc.property(fc.subarray(list.items.map((i) => i.id)), (ticked) => {
        const { allG, packedG, parts } = packedSoFar(list.items, (id) => ticked.includes(id));
        expect(allG).toBeCloseTo(list.sums.cookingG, 6);
        const counted = list.items.filter((i) => ticked.includes(i.id) && i.group !== 'food' && i.group !== 'water');
        expect(packedG).toBeCloseTo(
          counted.reduce((sum, i) => sum + i.massG, 0),
          6,
        );
        expect(parts.filter((p) => p.fuel).reduce((sum, p) => sum + p.massG, 0)).toBeCloseTo(list.sums.cookingG - list.sums.dryG, 6);
        expect(parts.map((p) => p.ticked)).toEqual(parts.map((p) => p.ticked).sort((a, b) => Number(b) - Number(a)));
      }),
    );
  });
});

describe('the level of each container by day', () => {
  it('ends where the plan has it on arrival, and never rises', () => {
    fc.assert(
      fc.property(anyTrip, (trip) => {
        for (const carry of planTrip(trip).carries)
          containerDays(carry).forEach(({ container, days }, at) => {
            const levels = [container.fuelG, ...days.map((d) => d.left.fuelG)];
            expect(levels).toEqual([...levels].sort((a, b) => b - a));
            expect(levels[levels.length - 1]).toBeCloseTo(carry.after[at].fuelG, 3);
          });
      }),
      { numRuns: 60 },
    );
  });

  it('has the fuel of the demo’s first leg by hand: 200 g less each day’s meals, the first canister emptied before the second', () => {
    const [carry] = PLAN.carries;
    const [first, second] = containerDays(carry);
    const burntG = carry.days[0].fuelG;
    expect([first.days[0].day, first.days[0].left.fuelG]).toEqual([1, 100 - burntG]);
    expect(first.days[first.days.length - 1].left.fuelG).toBeLessThan(EMPTY_G);
    expect(second.days[second.days.length - 1].left.fuelG).toBeCloseTo(200 - carry.demandG, 6);
  });
});

describe('what is cut at 1:1', () => {
  it('is a strip of π(D + 2·gap) and an overlap: Ø110, gap 6, 20 over, 403.3 mm by hand', () => {
    const strip = windscreenStrip({ potDiameterMm: 110, gapMm: 6, heightMm: 120, onCan: false, handle: false });
    expect(strip.widthMm).toBeCloseTo(Math.PI * 122 + 20, 6);
    expect(strip.widthMm).toBeCloseTo(403.3, 1);
  });

  it('leaves the lee third open where it stands round a can, and says why', () => {
    const strip = windscreenStrip({ potDiameterMm: 110, gapMm: 6, heightMm: 120, onCan: true, handle: true });
    expect(strip.widthMm).toBeCloseTo((Math.PI * 122 * 2) / 3, 6);
    expect(strip.cautions).toContain('openOnCan');
  });

  it('is a cone of R 471.9, r 370.8 and 53.4° for a rim of 110, a foot of 140 and 100 high (by hand)', () => {
    const { outerMm, innerMm, degrees } = developedCone(110, 140, 100);
    expect([outerMm, innerMm, degrees].map((x) => x.toFixed(1))).toEqual(['471.9', '370.8', '53.4']);
    // rolled up again, its two arcs are the two rounds
    fc.assert(
      fc.property(
        fc.integer({ min: 60, max: 200 }),
        fc.integer({ min: 5, max: 80 }),
        fc.integer({ min: 30, max: 200 }),
        (rim, flare, height) => {
          const c = developedCone(rim, rim + flare, height);
          expect((c.outerMm * Math.PI * c.degrees) / 180).toBeCloseTo(Math.PI * (rim + flare), 6);
          expect((c.innerMm * Math.PI * c.degrees) / 180).toBeCloseTo(Math.PI * rim, 6);
        },
      ),
    );
    const { widthMm, heightMm, cuts } = conePattern(110, 140, 100);
    expect(widthMm).toBeGreaterThan(2 * 471.9 * Math.sin((26.7 * Math.PI) / 180));
    expect(heightMm).toBeLessThan(471.9);
    expect(cuts[0]).toMatch(/^M[\d.,-]+ A471\.88/);
  });

  it('marks doses: 3.14 mm for 5 mL in a bore of 45, and the printed heights in one that widens from 40 to 60 over 80', () => {
    expect(levelMm({ footMm: 45, topMm: 45, heightMm: 120 }, 5)).toBeCloseTo(3.14, 2);
    const taper = { footMm: 40, topMm: 60, heightMm: 80 };
    expect([5, 10, 15, 20, 25, 30].map((ml) => levelMm(taper, ml)?.toFixed(2))).toEqual([
      '3.88',
      '7.59',
      '11.14',
      '14.55',
      '17.83',
      '21.00',
    ]);
    expect(levelMm(taper, 500)).toBeUndefined();
    const strip = doseStrip(taper, 5);
    expect(strip.ticks[0].yMm).toBeCloseTo(80 - 3.88, 2);
    expect(strip.ticks.map((t) => t.text).slice(0, 3)).toEqual(['5', '10', '15']);
  });

  it('is worth 6.36 g a millimetre on a can of 90 mm, and wraps a pot with its foam and a seam', () => {
    expect(floatStrip(90, 100).measures['gramsPerMm']).toBeCloseTo(6.36, 2);
    const [wall, disc] = cozyPatterns(95, 110, 6);
    expect(wall.widthMm).toBeCloseTo(Math.PI * (95 + 3 + 6) + 10, 6);
    expect(disc.widthMm).toBe(95 + 3 + 12);
  });

  it('is for the very kit: no cone and no dose strip for gas, no float strip for spirit', () => {
    expect(patternsFor(DEMO_TRIP).map((p) => p.id)).toEqual(['windscreen', 'cozyWall', 'cozyDisc', 'floatStrip', 'floatStrip']);
    const spirit = { kit: { ...DEMO_TRIP.kit, burnerId: 'alcohol-open', fuelId: 'alcohol-denatured', windscreen: 'cone' as const } };
    expect(patternsFor({ ...DEMO_TRIP, ...spirit }).map((p) => p.id)).toEqual([
      'windscreen',
      'cone',
      'stand',
      'doseStrip',
      'cozyWall',
      'cozyDisc',
    ]);
  });
});

describe('the list', () => {
  const lists = packingLists(DEMO_RACK, DEMO_TRIP, PLAN);

  it('weighs what the plan weighs, at every departure', () => {
    lists.forEach((l, i) => {
      const carry = PLAN.carries[i];
      expect(l.sums.cookingG).toBeCloseTo(carry.profile.startG, 6);
      expect(l.sums.kitG).toBeCloseTo(carry.hardwareG, 6);
      expect(l.sums.dryG).toBeCloseTo(carry.hardwareG + carry.tareG, 6);
      expect(l.sums.allG).toBeGreaterThanOrEqual(l.sums.withFoodG);
    });
  });

  it('names each piece once, with an id of its own, and keeps two ignitions apart', () => {
    const [first] = lists;
    expect(new Set(first.items.map((i) => i.id)).size).toBe(first.items.length);
    expect(first.ignition).toBe('apart');
    expect(first.items.find((i) => i.place === 'body')?.name).toBe('book of matches');
    expect(first.nestOrder.length).toBeGreaterThan(0);
    expect(PACK_GROUPS.filter((g) => first.items.some((i) => i.group === g))).toContain('food');
  });

  it('still weighs the same for a kit that was changed by hand', () => {
    const trip = { ...DEMO_TRIP, kit: { ...DEMO_TRIP.kit, burnerMassG: 71 } };
    const plan = planTrip(trip);
    expect(packingList(DEMO_RACK, trip, plan.carries[0]).sums.cookingG).toBeCloseTo(plan.carries[0].profile.startG, 6);
  });

  it('asks for two ways to light it where a kit was changed by hand, and for none without a burner', () => {
    const ignitionWith = (kit: Partial<typeof DEMO_TRIP.kit>): string => {
      const trip = { ...DEMO_TRIP, kit: { ...DEMO_TRIP.kit, ...kit } };
      return packingList(DEMO_RACK, trip, planTrip(trip).carries[0]).ignition;
    };
    expect(ignitionWith({ burnerMassG: 71 })).toBe('unknown');
    expect(ignitionWith({ burnerId: 'none', fuelId: 'none', burnerMassG: 0, windscreen: 'none', windscreenMassG: 0 })).toBe('none');
  });

  it('sums nothing twice', () => {
    expect(sumsOf([])).toEqual({ kitG: 0, dryG: 0, cookingG: 0, withFoodG: 0, allG: 0 });
  });
});

describe('what can hurt', () => {
  const lines = brief(DEMO_TRIP, PLAN);
  const daysOf = (code: string): unknown => lines.find((l) => l.what.kind === 'caution' && l.what.caution.code === code)?.days;

  it('says where each thing applies: the rule on its leg, the cold where it is cold, the rest all the way', () => {
    const rules = lines.filter((l) => l.what.kind === 'rule');
    expect(rules.map((l) => l.days)).toEqual([[{ from: 13, to: 17 }], [{ from: 21, to: 23 }]]);
    expect(daysOf('jointLeaks')).toEqual([]);
    expect(daysOf('carbonMonoxide')).toEqual([
      { from: 1, to: 5 },
      { from: 18, to: 20 },
    ]);
    // what the land manager says comes first
    expect(lines.slice(0, 2).every((l) => l.what.kind === 'rule')).toBe(true);
  });

  it('is about the burners that are carried: spirit names its bottle, cold food names no flame', () => {
    const spirit = {
      ...DEMO_TRIP,
      kit: { ...DEMO_TRIP.kit, burnerId: 'alcohol-open', fuelId: 'alcohol-denatured', windscreen: 'cone' as const },
    };
    const hazards = brief(spirit, planTrip(spirit)).flatMap((l) => (l.what.kind === 'hazard' ? [l.what.hazard] : []));
    expect(hazards).toEqual(expect.arrayContaining(['bottleAway', 'rightFuel', 'noTent']));
    const cold = { ...DEMO_TRIP, kit: { ...DEMO_TRIP.kit, burnerId: 'none', fuelId: 'none', windscreen: 'none' as const } };
    expect(brief(cold, planTrip(cold)).filter((l) => l.what.kind !== 'rule')).toEqual([]);
  });
});

describe('what is read at the stove and at the stops', () => {
  it('is every hot dish of a carry once, with the range of boiling points and who was asked', () => {
    const cards = PLAN.carries.map((c) => stoveCard(DEMO_TRIP, PLAN, c));
    for (const card of cards) {
      const names = card.dishes.map((d) => `${d.name} ${d.meal.name}`);
      expect(new Set(names).size).toBe(names.length);
      expect(card.dishes.every((d) => d.cooked)).toBe(true);
      expect(card.boilC.min).toBeLessThanOrEqual(card.boilC.max);
    }
    expect(cards.some((c) => c.rules.length > 0)).toBe(true);
  });

  it('is a sheet for every stop that fills up, its price the plan’s', () => {
    const sheets = stopSheets(DEMO_TRIP, PLAN);
    expect(sheets.map((s) => s.stop)).toEqual(PLAN.carries.map((c) => c.from));
    expect(sheets.reduce((sum, s) => sum + s.price, 0)).toBeCloseTo(PLAN.price, 6);
    expect(sheets.find((s) => s.stop === 'Tarn House')?.postBy).toBe('2027-08-20');
    expect(dryCamps(DEMO_TRIP, PLAN).length).toBeGreaterThan(0);
  });

  it('is work at home in the order of its days, done before it is needed, and in the calendar', () => {
    const work = homeWork(DEMO_RACK, DEMO_TRIP, PLAN);
    expect(work.map((w) => w.by)).toEqual(work.map((w) => w.by).sort());
    const codes = work.map((w) => w.task.code);
    expect(codes).toContain('burnTest');
    expect(codes).toContain('post');
    const also = work.map((w) => ({ id: w.id, date: w.by, title: `do, it; now\nplease`, about: '' }));
    const ics = writeIcs(DEMO_TRIP, '2027-01-01T00:00:00Z', also);
    // read back by a parser that others wrote
    const events = new ICAL.Component(ICAL.parse(ics) as unknown[]).getAllSubcomponents('vevent').map((e) => new ICAL.Event(e));
    expect(events.filter((e) => e.summary === 'do, it; now please').map((e) => e.startDate.toString())).toEqual(work.map((w) => w.by));
    expect(new Set(events.map((e) => e.uid)).size).toBe(events.length);
  });
});
