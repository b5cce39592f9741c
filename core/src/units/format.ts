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

/** Formatters by decimals: making one takes longer than a thousand uses of it. */
const FORMATTERS = new Map<number, Intl.NumberFormat>();

function formatterOf(decimals: number): Intl.NumberFormat {
  const known = FORMATTERS.get(decimals);
  if (known) return known;
  const made = new Intl.NumberFormat('en-US', { minimumFractionDigits: decimals, maximumFractionDigits: decimals });
  FORMATTERS.set(decimals, made);
  return made;
}

/** A core value as a number string in the preferred unit, without the unit; a true minus sign and thousands commas. */
export function formatNumber(value: number, quantity: Quantity, symbol: string, decimals?: number): string {
  const unit = unitBySymbol(quantity, symbol);
  const places = decimals ?? unit.decimals;
  const rounded = Number(fromCore(value, unit).toFixed(places)) + 0; // + 0 turns −0 into 0
  return formatterOf(places).format(rounded).replace('-', '−');
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
