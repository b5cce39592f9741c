import { fromCore, unitBySymbol, type Quantity } from './units';

/** The unit symbol a walker prefers for each quantity. */
export type UnitPreferences = Record<Quantity, string>;

export const METRIC: UnitPreferences = {
  mass: 'g',
  volume: 'mL',
  temperature: '°C',
  length: 'mm',
  altitude: 'm',
  distance: 'km',
  speed: 'm/s',
  percent: '%',
  strength: '%',
  price: '€',
  latitude: '°',
  days: 'days',
  minutes: 'min',
  hours: 'h',
  count: '×',
  energy: 'kcal',
};

export const US_CUSTOMARY: UnitPreferences = {
  ...METRIC,
  mass: 'oz',
  volume: 'fl oz',
  temperature: '°F',
  length: 'in',
  altitude: 'ft',
  distance: 'mi',
  speed: 'mph',
};

/** Most decimals that a number on screen has. */
const MOST_DECIMALS = 6;
/** By decimals. A number that rounds to nothing has no sign. */
const FIXED = Array.from(
  { length: MOST_DECIMALS + 1 },
  (_, places) => new Intl.NumberFormat('en-US', { minimumFractionDigits: places, maximumFractionDigits: places, signDisplay: 'negative' }),
);
const UP_TO_3 = new Intl.NumberFormat('en-US', { maximumFractionDigits: 3, signDisplay: 'negative' });
/** With a true minus sign. */
const asText = (format: Intl.NumberFormat, n: number): string => format.format(n).replace('-', '−');

/** A number to three decimals at most: "1,050", "0.25". */
export const plainNumber = (n: number): string => asText(UP_TO_3, n);
/** A whole number: "1,050". */
export const wholeNumber = (n: number): string => asText(FIXED[0]!, n);

/** A core value as a number string in the preferred unit, without the unit; a true minus sign and thousands commas. At most six decimals. */
export function formatNumber(value: number, quantity: Quantity, symbol: string, decimals?: number): string {
  const unit = unitBySymbol(quantity, symbol);
  return asText(FIXED[decimals ?? unit.decimals]!, fromCore(value, unit));
}

/** A core value with its unit: "350 mL", "−7 °C", "12 %". */
export function formatQuantity(value: number, quantity: Quantity, symbol: string, decimals?: number): string {
  return `${formatNumber(value, quantity, symbol, decimals)} ${unitBySymbol(quantity, symbol).symbol}`;
}

/** A duration in seconds as walkers say it: "3 min 10 s", "12 min", "1 h 05". Rounded to 5 s below ten minutes. */
export function formatDuration(durationS: number): string {
  if (durationS < 600) {
    const s = Math.round(durationS / 5) * 5;
    const min = Math.floor(s / 60);
    if (min === 0) return `${s} s`;
    return s % 60 === 0 ? `${min} min` : `${min} min ${s % 60} s`;
  }
  const min = Math.round(durationS / 60);
  return min < 60 ? `${min} min` : `${Math.floor(min / 60)} h ${String(min % 60).padStart(2, '0')}`;
}
