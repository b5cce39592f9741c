import { PLAIN_MEAL, type Meal, type Method } from '../model';
import { withMethod } from './methods';

/** Generic dishes and drinks for one walker, unbranded; values common practice (packets and kitchen tables say about this). */
type Row = [
  name: string,
  method: Method,
  waterMl: number,
  dryG: number,
  packagingG: number,
  kcal: number,
  restMin: number,
  vessel: Meal['vessel'],
  price: number,
  homeMin: number,
  doneMin: number,
];

const ROWS: readonly Row[] = [
  ['freeze-dried curry', 'boilPour', 350, 120, 20, 560, 12, 'bag', 7.5, 0, 3],
  ['freeze-dried pasta dish', 'boilPour', 320, 125, 20, 580, 12, 'bag', 7.2, 0, 3],
  ['freeze-dried stew', 'boilPour', 300, 110, 20, 480, 12, 'bag', 7.8, 0, 3],
  ['freeze-dried porridge with fruit', 'boilPour', 200, 90, 14, 390, 8, 'bag', 4.9, 0, 3],
  ['freeze-dried scrambled eggs', 'boilPour', 160, 65, 14, 350, 8, 'bag', 5.5, 0, 3],
  ['packet noodles', 'boilCozy', 400, 85, 6, 380, 5, 'pot', 1.1, 0, 3],
  ['packet rice dish', 'simmer', 420, 120, 6, 430, 2, 'pot', 1.9, 0, 10],
  ['packet mashed potato', 'heatRest', 360, 95, 6, 340, 3, 'pot', 1.3, 0, 1],
  ['packet soup', 'heatRest', 300, 40, 5, 140, 3, 'pot', 1, 0, 2],
  ['miso soup', 'hotDrink', 250, 18, 4, 55, 0, 'pot', 0.8, 0, 1],
  ['instant couscous with vegetables', 'boilCozy', 250, 120, 4, 430, 8, 'pot', 1.2, 5, 4],
  ['couscous, plain', 'heatRest', 200, 100, 2, 360, 6, 'pot', 0.4, 0, 3],
  ['raw pasta in plenty of water', 'pastaPot', 1100, 100, 3, 355, 0, 'pot', 0.3, 0, 9],
  ['raw pasta, little water', 'simmer', 400, 100, 3, 355, 0, 'pot', 0.3, 0, 9],
  ['raw rice', 'simmer', 320, 110, 3, 390, 10, 'pot', 0.4, 0, 14],
  ['raw red lentils', 'simmer', 380, 90, 3, 310, 5, 'pot', 0.4, 0, 12],
  ['polenta, quick', 'simmer', 400, 90, 3, 320, 5, 'pot', 0.4, 0, 4],
  ['home-dried chilli', 'homeDried', 320, 120, 4, 470, 15, 'pot', 2.4, 40, 6],
  ['home-dried bolognese with pasta', 'homeDried', 330, 130, 4, 500, 15, 'pot', 2.5, 45, 6],
  ['home-dried dal and rice', 'homeDried', 300, 120, 4, 440, 15, 'pot', 1.6, 35, 6],
  ['home-dried vegetable stew', 'homeDried', 280, 95, 4, 340, 15, 'pot', 2, 40, 6],
  ['home-dried risotto', 'homeDried', 290, 115, 4, 450, 15, 'pot', 2, 40, 6],
  ['rolled oats', 'boilCozy', 300, 90, 2, 340, 5, 'pot', 0.3, 0, 3],
  ['instant oats', 'heatRest', 220, 80, 3, 310, 3, 'pot', 0.6, 0, 1],
  ['oats soaked overnight', 'coldSoak', 250, 90, 2, 340, 60, 'pot', 0.3, 0, 3],
  ['muesli with milk powder', 'noCook', 150, 110, 3, 460, 0, 'pot', 0.8, 2, 1],
  ['granola', 'noCook', 50, 100, 3, 470, 0, 'bag', 1.2, 10, 1],
  ['cold-soaked beans and rice', 'coldSoak', 260, 115, 3, 420, 60, 'pot', 0.9, 15, 6],
  ['cold-soaked couscous', 'coldSoak', 180, 100, 2, 360, 45, 'pot', 0.5, 0, 3],
  ['ramen soaked cold', 'coldSoak', 350, 85, 6, 380, 45, 'pot', 1.1, 0, 3],
  ['tortilla with cheese', 'noCook', 50, 150, 5, 520, 0, 'bag', 2.2, 0, 1],
  ['bread, nuts and sausage', 'noCook', 50, 160, 5, 620, 0, 'bag', 2.8, 0, 1],
  ['bars and dried fruit', 'noCook', 50, 150, 8, 580, 0, 'bag', 3, 0, 1],
  ['nuts, chocolate and dried fruit', 'noCook', 50, 200, 6, 1020, 0, 'bag', 4.2, 0, 1],
  ['flatbread, hard cheese and salami', 'noCook', 50, 220, 10, 880, 0, 'bag', 4.5, 0, 1],
  ['lunch and snacks of a long day', 'noCook', 50, 440, 22, 2050, 0, 'bag', 7.5, 0, 1],
  ['peanut butter on crispbread', 'noCook', 50, 120, 6, 640, 0, 'bag', 1.8, 0, 1],
  ['tin of beans', 'heatRest', 310, 90, 55, 330, 0, 'pot', 1.6, 0, 1],
  ['tin of sardines', 'noCook', 50, 110, 25, 230, 0, 'bag', 2.4, 0, 1],
  ['pancakes', 'fry', 150, 120, 4, 460, 0, 'pot', 0.8, 5, 2],
  ['fried tortilla with cheese', 'fry', 50, 150, 5, 540, 0, 'pot', 2.2, 0, 1],
  ['pan bread', 'fry', 100, 130, 3, 430, 0, 'pot', 0.4, 5, 3],
  ['tea', 'hotDrink', 300, 2, 0, 0, 0, 'pot', 0.1, 0, 1],
  ['coffee', 'hotDrink', 250, 5, 2, 10, 0, 'pot', 0.3, 0, 1],
  ['cocoa', 'hotDrink', 300, 40, 2, 160, 0, 'pot', 0.6, 0, 1],
  ['hot water for a bottle', 'heatRest', 600, 0, 0, 0, 0, 'pot', 0, 0, 1],
  ['wash-up water', 'meltSnow', 250, 0, 0, 0, 0, 'pot', 0, 0, 1],
  ['water made safe', 'makeSafe', 1000, 0, 0, 0, 0, 'pot', 0, 0, 1],
];
/** Minutes at the simmer where they are not those of pasta and rice (packets say about this). */
const SIMMER_MIN = new Map([
  ['polenta, quick', 4],
  ['raw red lentils', 15],
  ['packet rice dish', 8],
]);
const FOAMING = new Set(['rolled oats', 'raw pasta in plenty of water', 'raw pasta, little water', 'raw red lentils', 'polenta, quick']);
const WITH_FAT = new Map([
  ['couscous, plain', 10],
  ['pancakes', 12],
  ['fried tortilla with cheese', 5],
  ['raw pasta, little water', 10],
]);

const dish = ([name, method, waterMl, dryG, packagingG, kcal, restMin, vessel, price, homeMin, doneMin]: Row): Meal => {
  const plain: Meal = { ...PLAIN_MEAL, name, waterMl, dryG, packagingG, kcal, price, homeMin, doneMin };
  const cooked = withMethod(plain, method);
  const packet = packagingG >= 4 && cooked.hot ? { waterMl, restMin } : null;
  const fatG = WITH_FAT.get(name) ?? 0;
  const simmerMin = SIMMER_MIN.get(name) ?? cooked.simmerMin;
  return { ...cooked, waterMl, restMin, vessel, packet, fatG, simmerMin, foams: FOAMING.has(name), kcal: kcal + 9 * fatG };
};

/** The catalogue, by name. */
export const DISHES: readonly Meal[] = ROWS.map(dish);

/** A part of the day left out. */
export const NOTHING: Meal = { ...PLAIN_MEAL, name: 'nothing', hot: false, method: 'noCook', waterMl: 50, restMin: 0 };
