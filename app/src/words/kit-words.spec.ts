import { DEMO_RACK } from '@tinder/core/demo';
import { HINT_CODES, PIECES, type Misfit } from '@tinder/core/domain/kit';
import type { Piece } from '@tinder/core/domain/model';
import type { Loss } from '@tinder/core/studies/study';
import { METRIC, US_CUSTOMARY } from '@tinder/core/foundation/units';
import { unitsOf } from '../testing/units-of';
import {
  differenceText,
  hintWords,
  lossMendWords,
  lostName,
  measureText,
  mendWords,
  misfitWords,
  sizeText,
  standingWords,
} from './kit-words';

const units = unitsOf(METRIC);
const inches = unitsOf({ ...METRIC, length: 'in' });
const piece = (name: string): Piece => {
  const found = PIECES.find((p) => p.name === name);
  if (!found) throw new Error(name);
  return found;
};

describe('words of a hint', () => {
  it('end as a sentence and name what they are about', () => {
    for (const code of HINT_CODES) {
      const words = hintWords({ code, about: 'tin of beans' });
      expect(words).toMatch(/^[A-Z“].*\.$/);
    }
    expect(hintWords({ code: 'noOpener', about: 'tin of beans' })).toBe('“tin of beans” is on the menu and there is no tin opener.');
    expect(hintWords({ code: 'failsDamp', about: 'small lighter' })).toContain('small lighter works only dry');
  });

  it('say in their mend what it weighs and whether it is owned', () => {
    const [owned] = DEMO_RACK.pieces;
    expect(mendWords({ kind: 'add', piece: owned }, units)).toBe('Add small gas stove, 73 g (owned)');
    expect(mendWords({ kind: 'add', piece: { ...owned, have: 'loan' }, insteadOf: 'x' }, units)).toBe(
      'Take instead: small gas stove, 73 g (on loan)',
    );
    expect(mendWords({ kind: 'add', piece: { ...piece('foil lid'), ownMassG: 5 } }, units)).toBe('Add foil lid, 5 g (to buy)');
    expect(mendWords({ kind: 'postBox', stopId: 's', stopName: 'Marl Cross' }, units)).toBe('Post a box to Marl Cross');
    expect(mendWords({ kind: 'cozyDishes' }, units)).toContain('cozy');
    expect(mendWords({ kind: 'renew', piece: owned }, units)).toContain('Replaced');
  });
});

describe('words of the nest', () => {
  it('say by how many millimetres, finely where it is close', () => {
    const of = (m: Omit<Misfit, 'id'>) => misfitWords({ id: 'x', ...m }, units);
    expect(of({ why: 'width', byMm: 17 })).toBe('too wide by 17 mm');
    expect(of({ why: 'height', byMm: 1.46 })).toBe('too tall by 1.5 mm');
    expect(of({ why: 'room' })).toBe('no room left for it');
    expect(of({ why: 'kept' })).toBe('kept outside as you asked');
  });

  it('give sizes with one unit, in the walker’s own', () => {
    expect(sizeText(piece('100 g canister').shape, units)).toBe('Ø 90 × 70 mm');
    expect(sizeText(piece('small gas stove').shape, units)).toBe('82 × 45 × 40 mm');
    expect(sizeText(piece('foil windscreen, rolled').shape, units)).toBe('480 × 100 mm');
    expect(sizeText(piece('cotton cloth').shape, units)).toBe('about 35 mL');
    expect(sizeText(piece('100 g canister').shape, inches)).toBe('Ø 3.54 × 2.76 in');
  });
});

describe('words of how it stands', () => {
  it('warn first', () => {
    const lines = standingWords(
      {
        onSupport: { potMm: 125, spanMm: 60, overhangMm: 32.5, tips: true },
        tower: { heightMm: 200, footMm: 110, footed: false, tips: false, canNetG: 230 },
        largest: { name: 'stew', fillMl: 700, roomMl: 600, fits: false },
      },
      units,
    );
    expect(lines.map((l) => l.bad)).toEqual([true, true, false]);
    expect(lines[0].words).toMatch(/^Tips easily: a pot of 125 mm on arms of 60 mm, 33 mm over on each side\.$|32/);
    expect(lines[1].words).toBe('Boils over: stew: 700 mL of the 600 mL it may be filled to.');
    expect(lines[2].words).toBe('Stands well: 200 mm from the ground to the rim on 110 mm of a 230 g canister.');
  });

  it('know a foot from a canister', () => {
    const [line] = standingWords({ tower: { heightMm: 300, footMm: 150, footed: true, tips: false, canNetG: 100 } }, units);
    expect(line.words).toContain('of its foot');
  });
});

describe('words of a measure', () => {
  it('carry the unit, and a difference its sign', () => {
    expect(measureText('carriedG', 596, units)).toBe('596 g');
    expect(measureText('minutes', 1451.6, units)).toBe('1,452 min');
    expect(measureText('cold', -21.6, units)).toBe('−22 °C');
    expect(differenceText('carriedG', -150, units)).toBe('−150 g');
    expect(differenceText('pricePerTrip', 15.2, units)).toBe('+15.20 €');
    expect(differenceText('cold', -8.3, units).replace('\u00a0', ' ')).toBe('−8 K'); // no zero point: a difference in kelvin
    expect(differenceText('cold', 0.8, units).replace('\u00a0', ' ')).toBe('+0.8 K');
    expect(differenceText('cold', 10, unitsOf(US_CUSTOMARY)).replace('\u00a0', ' ')).toBe('+18 °F');
  });
});

describe('words of a loss', () => {
  const of = (what: Loss['what']): string => lostName({ what, hotMealsLost: 0, kcalLeft: 0, kcalCarried: 0, untreatedMl: 0 }, units);

  it('name the piece or the container', () => {
    expect(of({ kind: 'piece', piece: piece('foil lid') })).toBe('foil lid');
    expect(of({ kind: 'container', index: 0, container: { kind: 'canister', netG: 230, tareG: 150, fuelG: 230 } })).toBe(
      '230 g canister #1',
    );
    const bottle = { kind: 'bottle', sizeMl: 250, fillMl: 200.4, tareG: 20, fuelG: 160 } as const;
    expect(of({ kind: 'container', index: 1, container: bottle })).toBe('bottle 2, 200 mL');
    const tablets = { kind: 'tablets', count: 4, tabletG: 14, tareG: 2, fuelG: 56 } as const;
    expect(of({ kind: 'container', index: 0, container: tablets })).toBe('the tablets');
    expect(of({ kind: 'container', index: 0, container: { kind: 'gelTin', netG: 200, tareG: 35, fuelG: 200 } })).toBe('tin of gel');
  });

  it('say what mends it and what that weighs', () => {
    expect(lossMendWords({ words: 'spare', piece: piece('fire steel, short'), massG: 16 }, units)).toBe('a spare fire steel, short, 16 g');
    expect(lossMendWords({ words: 'split', massG: 20 }, units)).toContain('one more container, 20 g');
    expect(lossMendWords({ words: 'spareCan', massG: 380 }, units)).toBe('a spare, 380 g');
  });
});
