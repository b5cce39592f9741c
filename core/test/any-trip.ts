import fc from 'fast-check';
import { WARMING } from '../src/physics/canister';
import { asKitPot, BURNERS, FAMILY_FUEL, FAMILY_WINDSCREENS, POTS } from '../src/domain/catalogue';
import { DEMO_TRIP } from '../src/demo';
import { FUELS } from '../src/physics/fuel';
import { withMethod } from '../src/domain/menu';
import { LIMITS, METHODS, RESTRICTIONS, TREATMENTS, WATER_SOURCES, type Day, type Trip } from '../src/domain/model';

const within = ({ min, max }: { min: number; max: number }) => fc.double({ min, max, noNaN: true }).map((x) => x + 0); // JSON has no −0
/** Any trip that the schema takes, absurd ones too. */
export const anyTrip: fc.Arbitrary<Trip> = fc
  .record({
    burner: fc.constantFrom(...BURNERS),
    fuelPick: fc.nat(10),
    screenPick: fc.nat(10),
    pot: fc.constantFrom(...POTS),
    lidOn: fc.boolean(),
    flameSetting: within(LIMITS.flameSetting),
    legDays: fc.array(fc.integer({ min: 1, max: 3 }), { minLength: 1, maxLength: 3 }),
    restrictions: fc.array(fc.constantFrom(...RESTRICTIONS), { minLength: 3, maxLength: 3 }),
    source: fc.constantFrom(...WATER_SOURCES),
    treatment: fc.constantFrom(...TREATMENTS),
    eatsOut: fc.record({ breakfast: fc.boolean(), supper: fc.boolean() }),
    supperAirC: within(LIMITS.airC),
    breakfastAirC: within(LIMITS.airC),
    altitudeM: within(LIMITS.altitudeM),
    waterC: within(LIMITS.waterC),
    tenMetreMps: within(LIMITS.tenMetreMps),
    waterMl: within(LIMITS.waterMl),
    targetC: within(LIMITS.targetC),
    reservePercent: within(LIMITS.reservePercent),
    simmerMin: within(LIMITS.simmerMin),
    headFactor: within(LIMITS.headFactor),
    canWarming: fc.constantFrom(...(Object.keys(WARMING) as (keyof typeof WARMING)[])),
    makeSafe: fc.constantFrom('none' as const, 'cdc' as const, 'epa' as const),
    gusty: fc.boolean(),
    sleeveOn: fc.boolean(),
    potHeightMm: within(LIMITS.potHeightMm),
    screenGapMm: within(LIMITS.screenGapMm),
    dryG: within(LIMITS.dryG),
    fryMin: fc.option(within(LIMITS.fryMin)),
    snuffer: fc.boolean(),
    method: fc.constantFrom(...METHODS),
    drinkHot: fc.boolean(),
    oneLighting: fc.boolean(),
    appetite: within(LIMITS.appetite),
  })
  .map((r): Trip => {
    const fuels = FUELS.filter((f) => f.kind === FAMILY_FUEL[r.burner.family]);
    const screens = FAMILY_WINDSCREENS[r.burner.family];
    const day: Day = {
      ...DEMO_TRIP.legs[0].days[0],
      supperAirC: r.supperAirC,
      breakfastAirC: r.breakfastAirC,
      altitudeM: r.altitudeM,
      waterC: r.waterC,
      wind: { kind: 'forecast', tenMetreMps: r.tenMetreMps, site: 'forest' },
      gusty: r.gusty,
      source: r.source,
      treatment: r.treatment,
      eatsOut: r.eatsOut,
      dishes: {},
    };
    const legs = r.legDays.map((n, i) => ({
      days: Array.from({ length: n }, () => day),
      restriction: r.restrictions[i],
      restrictionNote: '',
    }));
    return {
      ...DEMO_TRIP,
      stops: DEMO_TRIP.stops.slice(0, legs.length + 1),
      legs,
      kit: {
        ...DEMO_TRIP.kit,
        burnerId: r.burner.id,
        fuelId: fuels[r.fuelPick % fuels.length].id,
        windscreen: screens[r.screenPick % screens.length],
        pot: asKitPot(r.pot),
        lidOn: r.lidOn,
        flameSetting: r.flameSetting,
        headFactor: r.headFactor,
        canWarming: r.canWarming,
        sleeveOn: r.sleeveOn,
        potHeightMm: r.potHeightMm,
        screenGapMm: r.screenGapMm,
        snuffer: r.snuffer,
      },
      menu: {
        ...DEMO_TRIP.menu,
        drink: { ...withMethod(DEMO_TRIP.menu.supper, r.method), hot: r.drinkHot, name: 'drink' },
        breakfast: {
          ...DEMO_TRIP.menu.breakfast,
          dryG: r.dryG,
          target: r.fryMin === null ? { kind: 'stopAt', targetC: r.targetC } : { kind: 'fry', minutes: r.fryMin },
        },
        supper: { ...DEMO_TRIP.menu.supper, waterMl: r.waterMl, simmerMin: r.simmerMin, makeSafe: r.makeSafe },
      },
      dishes: [],
      oneLighting: r.oneLighting,
      appetite: r.appetite,
      reservePercent: r.reservePercent,
    };
  });
