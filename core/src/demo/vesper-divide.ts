import type { Trip } from '../archive/trip-schema';

/** The invented Vesper Divide: the high leg from Nettle Hut over the pass to Harrow Junction. */
export const DEMO_TRIP: Trip = {
  id: 'vesper-divide',
  name: 'Vesper Divide',
  leg: {
    from: 'Nettle Hut',
    to: 'Harrow Junction',
    dayCount: 5,
    shape: [
      { km: 19, altitudeDeltaM: -160, airDeltaC: 2, windFactor: 1 },
      { km: 17, altitudeDeltaM: 240, airDeltaC: 0, windFactor: 1 },
      { km: 14, altitudeDeltaM: 560, airDeltaC: -4, windFactor: 1.5 },
      { km: 18, altitudeDeltaM: 310, airDeltaC: -2, windFactor: 1.25 },
      { km: 22, altitudeDeltaM: -380, airDeltaC: 2, windFactor: 0.75 },
      { km: 20, altitudeDeltaM: -520, airDeltaC: 3, windFactor: 0.75 },
      { km: 21, altitudeDeltaM: -300, airDeltaC: 2, windFactor: 1 },
    ],
  },
  conditions: {
    supperAirC: 8,
    breakfastAirC: 2,
    altitudeM: 2100,
    waterC: 7,
    wind: { kind: 'words', word: 'leaning' },
    gusty: false,
    snow: false,
    starterWater: true,
  },
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
  },
  menu: {
    breakfast: {
      name: 'oats and coffee',
      hot: true,
      waterMl: 450,
      target: { kind: 'stopAt', targetC: 88 },
      simmerMin: 0,
      makeSafe: 'none',
    },
    supper: { name: 'dried dinner and tea', hot: true, waterMl: 600, target: { kind: 'boil' }, simmerMin: 0, makeSafe: 'none' },
  },
  reservePercent: 15,
};
