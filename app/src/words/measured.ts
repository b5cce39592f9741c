import { toCore, unitBySymbol, type Quantity } from '@tinder/core/foundation/units';
import type { Units } from './units';

/** What a unit measures, with the decimals that a round figure in a sentence has. */
const QUANTITY_OF: Record<string, { quantity: Quantity; decimals?: number }> = {
  '°C': { quantity: 'temperature', decimals: 0 },
  g: { quantity: 'mass' },
  m: { quantity: 'altitude' },
  'm/s': { quantity: 'speed', decimals: 0 },
  mL: { quantity: 'volume' },
  mm: { quantity: 'length' },
};

/** A sentence with its measures in the walker's units: "Heat to {88 °C}" becomes "Heat to 190 °F". What is no measure stays as it is. */
export const measured = (words: string, units: Pick<Units, 'text'>): string =>
  words.replace(/\{(−?[\d.]+) ([^}]+)\}/g, (all, number: string, symbol: string) => {
    const of = QUANTITY_OF[symbol];
    if (!of) return all;
    const value = toCore(Number(number.replace('−', '-')), unitBySymbol(of.quantity, symbol));
    return units.text(value, of.quantity, of.decimals).replaceAll('\u00a0', ' '); // words that are searched and typed, as any others
  });

const KELVIN_IN_F = 1.8;
const isFahrenheit = (units: Pick<Units, 'unit'>): boolean => units.unit('temperature').symbol === '°F';

/** What differences of temperature are told and typed in: they have no zero point, so that no thermometer's unit would do for both. */
export const degreesUnit = (units: Pick<Units, 'unit'>): { symbol: 'K' | '°F'; perK: number } =>
  isFahrenheit(units) ? { symbol: '°F', perK: KELVIN_IN_F } : { symbol: 'K', perK: 1 };

/** A difference of temperature without its sign: "8 K", "14 °F". */
export function degrees(kelvin: number, units: Pick<Units, 'unit'>, decimals = 0): string {
  const { symbol, perK } = degreesUnit(units);
  return `${(Math.abs(kelvin) * perK).toFixed(decimals)}\u00a0${symbol}`;
}
