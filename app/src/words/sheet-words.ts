import type { StopSheet } from '@tinder/core/output/pack';
import { loadedWords } from './pack-words';
import type { Units } from './units';
import { dateText } from './date-text';

type Some = Pick<Units, 'text' | 'number'>;

/** "Harrow Junction, day 6 (2027-08-21), for 4 days to Quill Landing". */
export const sheetTitle = (s: StopSheet): string =>
  `${s.stop}, day ${s.day} (${dateText(s.date)}), for ${s.days} ${s.days === 1 ? 'day' : 'days'} to ${s.to}`;

/** What to do at a stop, line by line. */
export function sheetLines(s: StopSheet, units: Some): string[] {
  const listed = (list: StopSheet['bought']): string => list.map((c) => loadedWords(c, units)).join('; ');
  const verb = s.supply === 'shop' ? 'Buy' : s.supply === 'box' ? 'Out of the box' : 'Pack';
  return [
    s.bought.length
      ? `${verb}: ${listed(s.bought)}${s.supply === 'shop' && s.price > 0 ? `, about ${units.text(s.price, 'price')}` : ''}.`
      : 'No fuel is taken on here.',
    s.taken.length ? `From the shelf: ${listed(s.taken)}.` : '',
    s.arrivedWith.length ? `Come with: ${listed(s.arrivedWith)}.` : '',
    s.left.length ? `Leave${s.bin ? ' in the bin' : ''}: ${listed(s.left)}.` : '',
    s.packets.length ? `Food, ${units.text(s.foodG, 'mass')}: ${s.packets.map((p) => `${p.count} × ${p.name}`).join(', ')}.` : '',
    s.postBy ? `Posted by ${dateText(s.postBy)}${s.boxNote ? `, ${s.boxNote}` : ''}.` : '',
    s.openNote ? `Open: ${s.openNote}.` : '',
  ].filter(Boolean);
}
