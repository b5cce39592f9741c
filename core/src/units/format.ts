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

/** A number as text with its thousands set apart: "10,000", "−1,234.5". The browser's own formatter takes 35 ms to make, before the first verdict. */
export function withCommas(number: string): string {
  const [whole, fraction] = number.replace('-', '−').split('.');
  const grouped = whole.replace(/\B(?=(\d{3})+(?!\d))/g, ',');
  return fraction === undefined ? grouped : `${grouped}.${fraction}`;
}

/** A number to three decimals at most: "1,050", "0.25". */
export const plainNumber = (n: number): string => withCommas(String(Math.round(1000 * n) / 1000));
/** A whole number: "1,050". */
export const wholeNumber = (n: number): string => withCommas(String(Math.round(n)));

/** A core value as a number string in the preferred unit, without the unit; a true minus sign and thousands commas. */
export function formatNumber(value: number, quantity: Quantity, symbol: string, decimals?: number): string {
  const unit = unitBySymbol(quantity, symbol);
  const places = decimals ?? unit.decimals;
  const text = fromCore(value, unit).toFixed(places);
  return withCommas(/[1-9]/.test(text) ? text : text.replace('-', '')); // no −0
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
