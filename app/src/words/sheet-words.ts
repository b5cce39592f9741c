import type { StopSheet } from '@tinder/core/output/pack';
import { loadedWords } from './pack-words';
import type { Units } from './units';
import { dateText } from './date-text';

type Some = Pick<Units, 'text' | 'number'>;

/** "Harrow Junction, day 6 (2027-08-21), for 4 days to Quill Landing". */
export const sheetTitle = (s: StopSheet): string =>
  `${s.stop}, day ${s.day} (${dateText(s.date)}), for ${s.days} ${s.days === 1 ? 'day' : 'days'} to ${s.to}`;

/** What is done with fuel, by where it comes from. */
const VERBS: Record<StopSheet['supply'], string> = { shop: 'Buy', box: 'Out of the box', home: 'Pack' };

/** What to do at a stop, line by line. */
export function sheetLines(s: StopSheet, units: Some): string[] {
  const listed = (list: StopSheet['bought']): string => list.map((c) => loadedWords(c, units)).join('; ');
  const price = s.supply === 'shop' && s.price > 0 ? `, about ${units.text(s.price, 'price')}` : '';
  return [
    s.bought.length ? `${VERBS[s.supply]}: ${listed(s.bought)}${price}.` : 'No fuel is taken on here.',
    s.taken.length ? `From the shelf: ${listed(s.taken)}.` : '',
    s.arrivedWith.length ? `Come with: ${listed(s.arrivedWith)}.` : '',
    s.left.length ? `Leave${s.bin ? ' in the bin' : ''}: ${listed(s.left)}.` : '',
    s.packets.length ? `Food, ${units.text(s.foodG, 'mass')}: ${s.packets.map((p) => `${p.count} × ${p.name}`).join(', ')}.` : '',
    s.postBy ? `Posted by ${dateText(s.postBy)}${s.boxNote ? `, ${s.boxNote}` : ''}.` : '',
    s.openNote ? `Open: ${s.openNote}.` : '',
  ].filter(Boolean);
}
