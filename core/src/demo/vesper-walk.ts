import type { MealName, Walk, WalkEvent } from '../domain/model';

/** The Vesper Divide half walked: eleven days with a spill, a skipped supper and two weigh-ins, and a leg ahead that has become tight. */

const START = Date.UTC(2027, 7, 16);
const HOUR = { breakfast: 6, lunch: 12, supper: 18, drink: 19, washUp: 19 } as const;
let count = 0;
const at = (day: number, hour: number, minute = 0): Pick<WalkEvent, 'id' | 'at' | 'day'> => ({
  id: `vesper-${++count}`,
  at: new Date(START + ((day - 1) * 24 + hour) * 3_600_000 + minute * 60_000).toISOString(),
  day,
});

/** Day, part, dish, grams by the model, own spread, water, seconds by the clock. */
type Row = [day: number, meal: MealName, dish: string, modelG: number, share: number, waterMl: number, clockS: number];
const cooked = ([day, meal, dish, modelG, share, waterMl, clockS]: Row): WalkEvent => ({
  ...at(day, HOUR[meal]),
  kind: 'cooked',
  meal,
  dish,
  modelG,
  share,
  waterMl,
  clockS,
});
const oats = (day: number, modelG: number, clockS: number): WalkEvent =>
  cooked([day, 'breakfast', 'oats and coffee', modelG, 0.09, 450, clockS]);
const dinner = (day: number, modelG: number, clockS: number): WalkEvent =>
  cooked([day, 'supper', 'dried dinner and tea', modelG, 0.1, 600, clockS]);
const chilli = (day: number, modelG: number, clockS: number): WalkEvent =>
  cooked([day, 'supper', 'home-dried chilli', modelG, 0.1, 320, clockS]);
const can = (netG: number, tareG: number) => ({ name: `${netG} g canister`, netG, tareG, fuelG: netG, sdG: 0.02 * netG });

export const DEMO_WALK: Walk = {
  daysLate: 0,
  log: [
    { ...at(1, 5), kind: 'filled', stopId: 'nettle-hut', keepsRest: false, added: [can(100, 95), can(100, 95)] },
    oats(1, 9.3, 640),
    dinner(1, 13.9, 560),
    oats(2, 9.9, 700),
    dinner(2, 13.8, 545),
    oats(3, 11, 820),
    dinner(3, 14.3, 640),
    { ...at(3, 19, 30), kind: 'weighed', how: 'scale', fuelG: 118, sdG: 0.5 },
    oats(4, 10.3, 760),
    { ...at(4, 18), kind: 'skipped', meal: 'supper', how: 'cold' },
    oats(5, 9.4, 650),
    dinner(5, 13.3, 530),
    { ...at(6, 5), kind: 'filled', stopId: 'harrow-junction', keepsRest: true, added: [] },
    oats(6, 9.2, 630),
    chilli(6, 8.1, 400),
    oats(7, 8.8, 610),
    chilli(7, 7.6, 380),
    oats(8, 9.6, 660),
    dinner(8, 14, 580),
    oats(9, 8.7, 600),
    { ...at(10, 9), kind: 'filled', stopId: 'quill-landing', keepsRest: false, added: [can(230, 150)] },
    oats(11, 9.5, 660),
    { ...at(11, 18, 5), kind: 'spilt', fuelG: 30, sdG: 6 },
    dinner(11, 14.4, 610),
    { ...at(11, 19, 30), kind: 'weighed', how: 'float', fuelG: 166, sdG: 7 },
  ],
};
