import fc from 'fast-check';
import { simulatedClimate } from '../src/physics/climate';
import { DEMO_TRIP } from '../src/demo';
import { tripSchema, type Trip } from '../src/domain/model';
import { planTrip } from '../src/planning/plan';
import { demandOfG } from '../src/planning/planned';
import { starterContrasts } from '../src/studies/study';
import { addDays, dateOfDay, dayOfYear, fillClimate, letClimateSay, startTrip, starterAnswers } from '../src/domain/trail';
import { writeIcs } from '../src/output/calendar';
import * as edit from '../src/domain/trail/edit';
import { everyDay, SHORT_TRIP } from './short-trip';

const lengths = (t: Trip) => t.legs.map((l) => l.days.length);
const flat = (t: Trip) => t.legs.flatMap((l) => l.days);
const ids = (n: number) => `id-${n}`;

describe('the demo', () => {
  const plan = planTrip(DEMO_TRIP);

  it('is 23 days over five stops, and its carries hold every day once', () => {
    expect(tripSchema.safeParse(DEMO_TRIP).success).toBe(true);
    expect(edit.dayCount(DEMO_TRIP)).toBe(23);
    expect(DEMO_TRIP.stops).toHaveLength(7);
    expect(plan.days.map((d) => d.day)).toEqual(Array.from({ length: 23 }, (_, i) => i + 1));
    expect(plan.carries.flatMap((c) => c.days)).toEqual(plan.days);
  });

  it('carries past the stop that sells no cans, and takes only what a shop has', () => {
    const quill = plan.carries.find((c) => c.from === 'Quill Landing');
    expect(quill?.to).toBe('Tarn House');
    expect(quill?.problems).toContainEqual({ code: 'passesStops', names: ['Marl Cross'] });
    const atHarrow = {
      ...DEMO_TRIP,
      stops: DEMO_TRIP.stops.map((s, i) => (i === 0 ? { ...s, pinned: { kind: 'cans' as const, counts: { 'can-230': 1 } } } : s)),
    };
    const full = edit.paintDays(atHarrow, 6, 9, { supperAirC: -5, breakfastAirC: -9, source: 'snow' });
    const bought = planTrip(full).carries.find((c) => c.from === 'Harrow Junction')?.bought ?? [];
    expect(bought.map((c) => c.kind === 'canister' && c.netG)).toEqual([230]); // it sells no other
    expect(plan.carries.map((c) => c.supply)).toEqual(['home', 'shop', 'shop', 'box', 'shop']);
  });

  it('leaves meals eaten out uncooked, melts snow on the pass, and carries water to the dry camp', () => {
    expect(plan.days[9].meals).toEqual({});
    expect(plan.days[8].meals.supper).toBeUndefined();
    const snow = plan.days.filter((d) => d.snow);
    expect(snow.map((d) => d.day)).toEqual([18, 19]);
    expect(snow[0].fuelG).toBeGreaterThan(1.5 * plan.days[0].fuelG);
    const dry = plan.days.find((d) => d.dry);
    // supper 600 mL and the breakfast after it, 450 mL
    expect([dry?.day, dry?.carriedWaterMl]).toEqual([15, 1050]);
  });

  it('names days nobody has asked about, and a ban stops an open flame but not a valve', () => {
    const last = plan.carries[plan.carries.length - 1];
    expect(last.problems).toContainEqual({ code: 'unknownRestriction', onDays: [21, 22, 23] });
    expect(plan.carries.flatMap((c) => c.problems).some((p) => p.code === 'banned')).toBe(false);
    const alcohol = planTrip({
      ...DEMO_TRIP,
      kit: { ...DEMO_TRIP.kit, burnerId: 'alcohol-open', fuelId: 'alcohol-denatured', windscreen: 'cone' },
    });
    expect(alcohol.carries.flatMap((c) => c.problems)).toContainEqual({
      code: 'banned',
      onDays: [13, 14, 15, 16, 17],
      restriction: 'noOpenFlame',
    });
    expect(alcohol.days[12].meals).toEqual({});
    const nothing = planTrip(edit.editLeg(DEMO_TRIP, 0, { restriction: 'noFlame' }));
    expect(nothing.days.slice(0, 5).every((d) => d.fuelG === 0)).toBe(true);
  });
});

describe('editing a trail', () => {
  it('moves a stop: the days stay, the legs change, never below one day', () => {
    expect(lengths(edit.moveStop(DEMO_TRIP, 1, 2))).toEqual([7, 2, 3, 5, 3, 3]);
    expect(lengths(edit.moveStop(DEMO_TRIP, 1, -99))).toEqual([1, 8, 3, 5, 3, 3]);
    expect(flat(edit.moveStop(DEMO_TRIP, 1, 2))).toEqual(flat(DEMO_TRIP));
    expect(edit.moveStop(DEMO_TRIP, 0, 1)).toBe(DEMO_TRIP);
    expect(edit.moveStop(DEMO_TRIP, 6, 1)).toBe(DEMO_TRIP);
  });

  it('stretches, splits and joins: a split undone is the trip as it was, but for its rules', () => {
    expect(lengths(edit.stretchLeg(DEMO_TRIP, 1, 6))).toEqual([5, 6, 3, 5, 3, 3]);
    expect(lengths(edit.stretchLeg(DEMO_TRIP, 1, 0))).toEqual([5, 1, 3, 5, 3, 3]);
    const split = edit.insertStop(DEMO_TRIP, 2, 'new', 'Slate Bridge');
    expect(lengths(split)).toEqual([2, 3, 4, 3, 5, 3, 3]);
    expect(split.stops[1]).toMatchObject({ id: 'new', name: 'Slate Bridge' });
    expect(edit.removeStop(split, 1)).toEqual(DEMO_TRIP);
    expect(edit.insertStop(DEMO_TRIP, 5, 'x', 'X')).toBe(DEMO_TRIP); // a stop stands there
    expect(edit.removeStop(DEMO_TRIP, 4).legs[3]).toMatchObject({
      restriction: 'noOpenFlame',
      restrictionNote: DEMO_TRIP.legs[3].restrictionNote,
    });
  });

  it('puts in zero days and takes days out; every leg keeps one', () => {
    const rest = edit.insertZeroDay(DEMO_TRIP, 3, false);
    expect(flat(rest)[3]).toEqual({ ...flat(DEMO_TRIP)[2], km: 0, ascentM: 0 });
    expect(planTrip(edit.insertZeroDay(DEMO_TRIP, 3, true)).days[3].fuelG).toBe(0);
    expect(lengths(edit.removeDays(DEMO_TRIP, 4, 9))).toEqual([3, 1, 3, 5, 3, 3]);
  });

  it('paints typed values over a brush of days, and shifts keep their ups and downs', () => {
    const painted = edit.paintDays(DEMO_TRIP, 4, 7, { breakfastAirC: -6 });
    expect(
      flat(painted)
        .map((d) => d.breakfastAirC)
        .slice(2, 8),
    ).toEqual([-2, -6, -6, -6, -6, 5]);
    const colder = edit.shiftDays(SHORT_TRIP, 1, 5, 'supperAirC', 0);
    expect(edit.meanOfDays(colder, 1, 5, 'supperAirC')).toBeCloseTo(0, 9);
    expect(flat(colder)[0].supperAirC - flat(colder)[2].supperAirC).toBeCloseTo(6, 9);
  });

  it('any chain of edits leaves a trip that can be saved and planned', () => {
    const step = fc.tuple(fc.nat(6), fc.nat(24), fc.integer({ min: -5, max: 9 }));
    fc.assert(
      fc.property(fc.array(step, { maxLength: 8 }), (steps) => {
        let n = 0;
        const trip = steps.reduce((t, [what, where, much]) => {
          const stop = where % t.stops.length;
          const leg = where % t.legs.length;
          switch (what) {
            case 0:
              return edit.moveStop(t, stop, much);
            case 1:
              return edit.stretchLeg(t, leg, much);
            case 2:
              return edit.insertStop(t, where + 1, `s${n++}`, 'Somewhere');
            case 3:
              return edit.removeStop(t, stop);
            case 4:
              return edit.insertZeroDay(t, where + 1, much > 0);
            case 5:
              return edit.removeDays(t, where, where + much);
            default:
              return letClimateSay(t, where, where + much);
          }
        }, DEMO_TRIP);
        expect(tripSchema.safeParse(trip).success).toBe(true);
        expect(edit.stopDays(trip).at(-1)).toBe(edit.dayCount(trip));
        for (let d = 1; d <= edit.dayCount(trip); d++) {
          const { leg, index } = edit.placeOfDay(trip, d);
          expect(edit.stopDays(trip)[leg] + index + 1).toBe(d);
        }
      }),
      { numRuns: 60 },
    );
  });
});

describe('the simulated climate', () => {
  it('says the same every time, colder with height, latitude and winter, and turns round in the south', () => {
    const july = simulatedClimate(46, 1000, 205);
    expect(simulatedClimate(46, 1000, 205)).toEqual(july);
    expect(july.simulated).toBe(true);
    // 27 − 50·sin²46° + 20·sin 46° − 6.5 = 9.0 on the warmest day at 1,000 m
    expect(july.supperAirC).toBeCloseTo(9 + 1.5, 0);
    expect(simulatedClimate(46, 2000, 205).supperAirC).toBeCloseTo(july.supperAirC - 6.5, 1);
    expect(simulatedClimate(60, 1000, 205).supperAirC).toBeLessThan(july.supperAirC);
    expect(simulatedClimate(46, 1000, 20).breakfastAirC).toBeLessThan(july.breakfastAirC - 20);
    expect(simulatedClimate(-46, 1000, 20).breakfastAirC).toBeGreaterThan(simulatedClimate(-46, 1000, 205).breakfastAirC);
    expect(() => simulatedClimate(95, 0, 1)).toThrow(/latitudeDeg/);
  });

  it('fills only what was not typed; a typed value takes itself out', () => {
    const simulated = letClimateSay(SHORT_TRIP, 1, 5);
    const typed = edit.paintDays(simulated, 2, 2, { breakfastAirC: -20 });
    const refilled = fillClimate({ ...typed, startDate: '2027-01-15' });
    expect(flat(refilled)[1].breakfastAirC).toBe(-20);
    expect(flat(refilled)[0].breakfastAirC).toBeLessThan(flat(simulated)[0].breakfastAirC);
    expect(edit.isSimulated(flat(refilled)[1], 'breakfastAirC')).toBe(false);
    expect(edit.isSimulated(flat(refilled)[1], 'supperAirC')).toBe(true);
    expect(fillClimate(SHORT_TRIP)).toEqual(SHORT_TRIP);
  });
});

describe('the starter', () => {
  it('makes a whole trip from a weekend’s four answers', () => {
    const weekend = starterAnswers(DEMO_TRIP, 2027);
    const trip = startTrip(DEMO_TRIP, weekend, ids);
    expect(tripSchema.safeParse(trip).success).toBe(true);
    expect(lengths(trip)).toEqual([3]);
    expect(flat(trip)[0]).toMatchObject({ supperAirC: 12, breakfastAirC: 6 });
    // two nights out are two suppers and two breakfasts
    const { days } = planTrip(trip);
    expect(days.map((d) => Object.keys(d.meals).sort())).toEqual([['supper'], ['breakfast', 'supper'], ['breakfast']]);
    const all = startTrip(DEMO_TRIP, { ...weekend, firstMeal: 'breakfast', lastMeal: 'supper' }, ids);
    expect(demandOfG(planTrip(all)) / demandOfG(planTrip(trip))).toBeCloseTo(3 / 2, 1);
  });

  it('takes any answers: lengths, stops, hot meals and seasons come out as asked', () => {
    const answers = fc.record({
      nights: fc.integer({ min: 1, max: 60 }),
      firstMeal: fc.constantFrom('breakfast' as const, 'supper' as const),
      lastMeal: fc.constantFrom('breakfast' as const, 'supper' as const),
      breakfastMl: fc.constantFrom(0, 450),
      dinnerMl: fc.constantFrom(0, 600),
      drinkMl: fc.constantFrom(0, 300),
      supperAirC: fc.integer({ min: -15, max: 25 }),
      fromClimate: fc.boolean(),
      wind: fc.constantFrom('steady' as const, 'blown' as const),
      stops: fc.integer({ min: 0, max: 12 }),
      startDate: fc.constantFrom('2027-05-05', '2028-02-05'),
      source: fc.constantFrom('stream' as const, 'snow' as const),
      altitudeM: fc.integer({ min: 0, max: 4000 }),
    });
    fc.assert(
      fc.property(answers, (a) => {
        const trip = startTrip(DEMO_TRIP, { ...starterAnswers(DEMO_TRIP, 2027), ...a }, ids);
        expect(tripSchema.safeParse(trip).success).toBe(true);
        expect(edit.dayCount(trip)).toBe(a.nights + 1);
        expect(trip.stops).toHaveLength(Math.min(a.stops + 1, a.nights + 1) + 1);
        expect(flat(trip).filter((d) => d.eatsOut.breakfast)).toHaveLength(a.firstMeal === 'supper' ? 1 : 0);
        expect(flat(trip).filter((d) => d.eatsOut.supper)).toHaveLength(a.lastMeal === 'breakfast' ? 1 : 0);
        const { breakfast, supper, drink } = trip.menu;
        expect([breakfast, supper, drink].map((m) => m.hot)).toEqual([a.breakfastMl, a.dinnerMl, a.drinkMl].map((ml) => ml > 0));
        if (a.dinnerMl > 0) expect(supper.waterMl).toBe(a.dinnerMl);
      }),
      { numRuns: 40 },
    );
  });
});

describe('an answer that is wrong', () => {
  it('costs fuel as the plan made with the right one does', () => {
    const answers = starterAnswers(DEMO_TRIP, 2027);
    const planned = (changed: object) => planTrip(startTrip(DEMO_TRIP, { ...answers, ...changed }, ids));
    const burntG = (changed: object) => demandOfG(planned(changed));
    const wrong = (changed: object) => starterContrasts(DEMO_TRIP, { ...answers, ...changed }, planned(changed));
    const told = new Map(wrong({}).map((c) => [c.code, c]));
    expect(told.get('snow')?.fuelG).toBeCloseTo(burntG({ source: 'snow' }) - burntG({}), 6);
    expect(told.get('longer')?.fuelG).toBeCloseTo(burntG({ nights: 3 }) - burntG({}), 6);
    expect(told.get('snow')?.fuelG).toBeGreaterThan(0.4 * burntG({})); // melting takes about as much again, of all water
    expect(wrong({ source: 'snow', wind: 'out' }).map((c) => c.code)).toEqual(['colder', 'longer']);
    expect(wrong({ fromClimate: true }).map((c) => c.code)).toEqual(['moreWind', 'snow', 'longer']);
  });
});

describe('days of the calendar', () => {
  it('count over months and leap years', () => {
    expect(addDays('2028-02-28', 1)).toBe('2028-02-29');
    expect(dateOfDay('2027-08-16', 23)).toBe('2027-09-07');
    expect([dayOfYear('2027-01-01'), dayOfYear('2028-12-31')]).toEqual([1, 366]);
  });

  it('go out as iCalendar: arrival days, posting deadline, folded and escaped (RFC 5545)', () => {
    const trip = edit.editStop(DEMO_TRIP, DEMO_TRIP.stops[1].id, {
      name: 'Harrow; Junction, the long, long, long name of a place that nobody folds by hand',
    });
    const text = writeIcs(trip, '2027-06-01T08:00:00Z');
    expect(text.split('\r\n').every((l) => Buffer.byteLength(l) <= 75)).toBe(true);
    const unfolded = text.replaceAll('\r\n ', '');
    // day 5 of a trip that starts on 16 August
    expect(unfolded).toContain('DTSTART;VALUE=DATE:20270820\r\nSUMMARY:Resupply at Harrow\\; Junction\\, the');
    expect(unfolded).toContain('SUMMARY:Post the box to Tarn House');
    expect(unfolded.match(/BEGIN:VEVENT/g)).toHaveLength(6);
  });
});

it('no flame anywhere needs no fuel anywhere', () => {
  const trip = everyDay(DEMO_TRIP, { eatsOut: { breakfast: true, supper: true } });
  expect(demandOfG(planTrip(trip))).toBe(0);
});
