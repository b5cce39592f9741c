import type { ShelfItem } from '../domain/model';
import { newContainer } from '../domain/shelf';

/** The invented walker's cupboard: nine containers, each known in its own way. */

const weighed = (
  on: string,
  grossG: number,
  more: { used?: boolean; scaleSdG?: number; simulated?: boolean } = {},
): ShelfItem['looks'][number] => ({
  how: 'weighed',
  on,
  grossG,
  scaleSdG: 1,
  simulated: false,
  used: false,
  ...more,
});
const burnt = (on: string, minutes: number, canC: number): ShelfItem['looks'][number] => ({
  how: 'burnt',
  on,
  minutes,
  gPerMin: 1.1,
  canC,
});

export const DEMO_SHELF: ShelfItem[] = [
  {
    ...newContainer('shelf-ridge', 'canister', 'the one from the ridge'),
    tareG: 150,
    price: 9,
    boughtAt: 'Nettle Hut',
    openedOn: '2026-08-02',
    story: 'Four nights on the ridge in August, all above freezing.',
    looks: [weighed('2026-08-01', 381), weighed('2026-08-09', 240, { used: true })],
  },
  {
    ...newContainer('shelf-small', 'canister', 'the small one'),
    netG: 100,
    tareG: 99,
    price: 6,
    boughtAt: 'Saltfell Landing',
    openedOn: '2026-06-20',
    story: 'Weekends. Weighs 139 g, 99 g empty.',
    looks: [weighed('2026-09-14', 139, { used: true })],
  },
  {
    ...newContainer('shelf-large', 'canister', 'large one, lent out'),
    netG: 450,
    tareG: 210,
    price: 14,
    openedOn: '2026-02-10',
    story: 'Lent to a friend for a week; the scale was away when it came back.',
    looks: [
      weighed('2026-05-03', 420, { used: true, scaleSdG: 2 }),
      { how: 'balanced', on: '2026-10-18', waterG: 500, canArmMm: 500, waterArmMm: 365, used: false },
    ],
  },
  {
    ...newContainer('shelf-new', 'canister', 'new, for the winter'),
    price: 9,
    boughtAt: 'Harrow Junction',
    story: 'Bought in the sale.',
    looks: [weighed('2026-11-02', 377, { simulated: true })],
  },
  {
    ...newContainer('shelf-garden', 'canister', 'garden tests'),
    fuelId: 'gas-30-70',
    price: 5,
    openedOn: '2026-07-04',
    story: 'Cheap blend for burn tests in the garden; timed with a watch, floated in a bucket.',
    looks: [
      { how: 'marked', on: '2026-07-04' },
      burnt('2026-07-04', 24, 18),
      burnt('2026-07-11', 31, 21),
      burnt('2026-10-03', 40, 6),
      { how: 'risen', on: '2026-10-04', risenMm: 11.5, used: false },
    ],
  },
  {
    ...newContainer('shelf-spirit', 'bottle', 'spirit, half a litre'),
    tareG: 24,
    price: 5,
    openedOn: '2026-06-05',
    story: 'Left over from the cone in June.',
    looks: [{ how: 'measured', on: '2026-06-12', fuelMl: 310, used: true }],
  },
  {
    ...newContainer('shelf-tablets', 'tablets', 'a box and a half'),
    netG: 168,
    price: 14,
    openedOn: '2026-04-11',
    story: 'For the mug, and to light damp wood.',
    looks: [{ how: 'counted', on: '2026-09-20', count: 9, used: true }],
  },
  {
    ...newContainer('shelf-gel', 'gelTin', 'tin of gel'),
    price: 4,
    openedOn: '2026-03-08',
    story: 'The power cut in March.',
    looks: [weighed('2026-03-09', 171, { used: true })],
  },
  {
    ...newContainer('shelf-white', 'liquidBottle', 'white gas, red bottle'),
    netG: 420,
    tareG: 118,
    price: 3,
    openedOn: '2026-01-17',
    story: 'Snow camp in January. Filled to its mark, never to the brim.',
    looks: [weighed('2026-01-24', 356, { used: true })],
  },
];
