import type { Wind } from '../physics/burn';
import type { PackageId } from '../domain/carry';
import { DISHES } from '../domain/menu';
import {
  ANNOYANCES,
  COLD_MEAL,
  COMFORTS,
  PLAIN_MEAL,
  USUAL_CUT,
  USUAL_WHAT_IFS,
  type Day,
  type Leg,
  type Stop,
  type Trip,
} from '../domain/model';

import { DEMO_WALK } from './vesper-walk';

/** The invented Vesper Divide: 23 days from Nettle Hut to Saltfell over five stops, a snow pass, a leg under a ban and a dry camp. */

type Row = [km: number, ascentM: number, altitudeM: number, supperAirC: number, breakfastAirC: number, flameMps: number];

const day = ([km, ascentM, altitudeM, supperAirC, breakfastAirC, mps]: Row, change: Partial<Day> = {}): Day => {
  const wind: Wind = mps === 2 ? { kind: 'words', word: 'leaning' } : { kind: 'flame', mps };
  return {
    km,
    ascentM,
    altitudeM,
    supperAirC,
    breakfastAirC,
    spreadC: 4,
    waterC: 7,
    wind,
    gusty: false,
    source: 'stream',
    treatment: 'filter',
    eatsOut: { breakfast: false, supper: false },
    dishes: {},
    simulated: [],
    ...change,
  };
};

const leg = (days: Day[], restriction: Leg['restriction'] = 'none', restrictionNote = ''): Leg => ({ days, restriction, restrictionNote });

const stop = (id: string, name: string, kind: Stop['kind'], change: Partial<Stop> = {}): Stop => ({
  id,
  name,
  kind,
  sells: [],
  openNote: '',
  bin: false,
  box: null,
  pinned: null,
  detourKm: 0,
  ...change,
});

const at = (packageId: PackageId, price: number) => ({ packageId, price });
const CHILLI = { dishes: { supper: 'home-dried-chilli' } };
const inTown = { eatsOut: { breakfast: false, supper: true } };

export const DEMO_TRIP: Trip = {
  id: 'vesper-divide',
  name: 'Vesper Divide',
  startDate: '2027-08-16',
  latitudeDeg: 46,
  stops: [
    stop('nettle-hut', 'Nettle Hut', 'hut', { openNote: 'all summer' }),
    stop('harrow-junction', 'Harrow Junction', 'shop', {
      sells: [at('can-230', 9.5), at('alcohol-500', 6)],
      openNote: 'closed on Sundays',
      bin: true,
    }),
    stop('quill-landing', 'Quill Landing', 'town', {
      sells: [at('can-100', 6.5), at('can-230', 9), at('can-450', 14), at('alcohol-1000', 8), at('tablets-14', 7)],
      openNote: 'daily until 18:00',
      bin: true,
      detourKm: 3,
    }),
    stop('marl-cross', 'Marl Cross', 'fuelStation', { sells: [at('liquid-poured', 2), at('alcohol-500', 5)], openNote: 'day and night' }),
    stop('tarn-house', 'Tarn House', 'hut', {
      box: { postBy: '2027-08-20', note: 'by road only: fuel goes overland, ask the carrier' },
      openNote: 'warden from 16:00',
    }),
    stop('lantern-ferry', 'Lantern Ferry', 'shop', {
      sells: [at('can-100', 7), at('tablets-14', 8)],
      openNote: 'when the ferry runs',
      bin: true,
    }),
    stop('saltfell', 'Saltfell', 'trailEnd', { bin: true }),
  ],
  legs: [
    leg([
      day([19, 620, 1940, 10, 4, 2]),
      day([17, 980, 2340, 8, 2, 2]),
      day([14, 1050, 2660, 4, -2, 3]),
      day([18, 700, 2410, 6, 0, 2.5]),
      day([22, 410, 1720, 10, 4, 1.5]),
    ]),
    leg([
      day([21, 560, 1480, 12, 6, 1.5], CHILLI),
      day([24, 480, 1210, 13, 8, 1], CHILLI),
      day([20, 730, 1650, 11, 5, 2]),
      day([23, 300, 890, 15, 9, 1], inTown),
    ]),
    leg([
      day([0, 0, 890, 15, 9, 1], { eatsOut: { breakfast: true, supper: true } }),
      day([22, 900, 1620, 11, 5, 2]),
      day([19, 640, 1890, 9, 3, 2]),
    ]),
    leg(
      [
        day([21, 520, 1540, 14, 8, 2]),
        day([24, 380, 1320, 16, 9, 2.5]),
        day([18, 610, 1700, 14, 7, 2], { source: 'carried', waterC: 12 }),
        day([20, 850, 2120, 10, 3, 2]),
        day([16, 920, 2280, 7, 0, 2.5]),
      ],
      'noOpenFlame',
      'district notice of June, asked by telephone',
    ),
    leg([
      day([13, 1100, 2890, -2, -8, 3], { source: 'snow', waterC: 1, dishes: { drink: 'cocoa' } }),
      day([12, 640, 2950, -4, -10, 3], { source: 'snow', waterC: 1, gusty: true, dishes: { drink: 'cocoa' } }),
      day([21, 350, 1980, 5, -1, 2]),
    ]),
    leg([day([24, 420, 1310, 10, 4, 2]), day([26, 380, 640, 13, 7, 2]), day([21, 150, 40, 15, 10, 2])], 'unknown'),
  ],
  profile: [],
  rackKitId: 'canister-folding',
  kit: {
    burnerId: 'gas-micro',
    burnerMassG: 73,
    fuelId: 'gas-20-80',
    pot: { name: '0.75 L titanium, tall', diameterMm: 95, heightMm: 112, massG: 92, lidMassG: 18, material: 'titanium', base: 'bare' },
    lidOn: true,
    windscreen: 'folded',
    windscreenMassG: 60,
    flameSetting: 0.7,
    otherMassG: 46,
    measureMl: 5,
    canWarming: 'none',
    sleeveOn: false,
    snuffer: false,
    headFactor: 1,
    potHeightMm: 45,
    screenGapMm: 6,
  },
  menu: {
    breakfast: {
      ...PLAIN_MEAL,
      name: 'oats and coffee',
      hot: true,
      waterMl: 450,
      target: { kind: 'stopAt', targetC: 88 },
      method: 'heatRest',
      dryG: 90,
      fatG: 20,
      packagingG: 3,
      kcal: 540,
      price: 1.2,
    },
    lunch: {
      ...PLAIN_MEAL,
      name: 'lunch and snacks of a long day',
      hot: false,
      method: 'noCook',
      waterMl: 50,
      target: { kind: 'boil' },
      dryG: 440,
      packagingG: 22,
      kcal: 2050,
      price: 7.5,
    },
    supper: {
      ...PLAIN_MEAL,
      name: 'dried dinner and tea',
      hot: true,
      waterMl: 600,
      target: { kind: 'boil' },
      vessel: 'bag',
      dryG: 130,
      packagingG: 18,
      kcal: 560,
      price: 7,
      restMin: 12,
      doneMin: 3,
      packet: { waterMl: 330, restMin: 10 },
    },
    drink: { ...PLAIN_MEAL, ...COLD_MEAL, name: 'nothing' },
    washUp: { ...PLAIN_MEAL, ...COLD_MEAL, name: 'nothing', target: { kind: 'stopAt', targetC: 50 } },
  },
  dishes: ['home-dried chilli', 'raw pasta, little water', 'freeze-dried curry', 'cocoa'].map((name) => {
    const meal = DISHES.find((d) => d.name === name);
    if (!meal) throw new Error(`no dish "${name}"`);
    return { id: name.replace(/\W+/g, '-'), meal };
  }),
  rotation: {},
  oneLighting: true,
  appetite: 1,
  reservePercent: 15,
  loadOut: { measure: 'gramDays', gramsPerPrice: 0, leakProof: false, riskLimitPercent: 2 },
  comforts: [...COMFORTS],
  own: [],
  packed: [],
  cut: USUAL_CUT,
  cupMarkMl: 150,
  annoyances: [...ANNOYANCES],
  detour: { day: 14, name: 'Fold Stores, 4 km down the valley' },
  walk: DEMO_WALK,
  whatIfs: [...USUAL_WHAT_IFS, { kind: 'closed', stopId: 'quill-landing' }],
};
