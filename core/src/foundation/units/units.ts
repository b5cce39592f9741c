/**
 * Units a walker may type, by quantity. Factors are the exact definitions of NIST SP 811 (2008), appendix B;
 * tests compare them with GNU Units.
 */
export type Quantity =
  | 'mass'
  | 'volume'
  | 'temperature'
  | 'length'
  | 'altitude'
  | 'distance'
  | 'speed'
  | 'percent'
  | 'strength'
  | 'price'
  | 'latitude'
  | 'days'
  | 'minutes'
  | 'hours'
  | 'count'
  | 'energy';

export interface Unit {
  /** How it is written on screen. */
  symbol: string;
  /** What may be typed, lower case, without dots or degree signs. */
  names: readonly string[];
  /** core value = typed × factor + offset */
  factor: number;
  offset: number;
  /** Decimals shown by default. */
  decimals: number;
}

const unit = (symbol: string, names: string, factor: number, decimals = 0, offset = 0): Unit => ({
  symbol,
  names: names.split('|'),
  factor,
  offset,
  decimals,
});

const FOOT_M = 0.3048;
const MILE_KM = 1.609344;
const US_FL_OZ_ML = 29.5735295625;

const metres = unit('m', 'm|metre|metres|meter|meters', 1);
const feet = unit('ft', "ft|foot|feet|'", FOOT_M);

/** The first unit of each list is the core's own. */
export const UNITS: Record<Quantity, readonly Unit[]> = {
  mass: [
    unit('g', 'g|gram|grams|gramme|grammes|gr', 1),
    unit('oz', 'oz|ounce|ounces', 28.349523125, 2),
    unit('lb', 'lb|lbs|pound|pounds', 453.59237, 2),
    unit('kg', 'kg|kilo|kilos|kilogram|kilograms', 1000, 3),
  ],
  volume: [
    unit('mL', 'ml|cc|cm3|millilitre|millilitres|milliliter|milliliters', 1),
    // in a volume field "oz" means fluid ounces; the field echoes mL
    unit('fl oz', 'fl oz|floz|fluid ounce|fluid ounces|oz|ounce|ounces', US_FL_OZ_ML, 1),
    unit('cups', 'cup|cups|c', 8 * US_FL_OZ_ML, 2),
    unit('L', 'l|litre|litres|liter|liters', 1000, 2),
    unit('tbsp', 'tbsp|tablespoon|tablespoons|tbs', US_FL_OZ_ML / 2, 1),
    unit('tsp', 'tsp|teaspoon|teaspoons', US_FL_OZ_ML / 6, 1),
    unit('pt', 'pt|pint|pints', 16 * US_FL_OZ_ML, 2),
    unit('qt', 'qt|quart|quarts', 32 * US_FL_OZ_ML, 2),
    unit('cl', 'cl', 10, 1),
    unit('dl', 'dl', 100, 1),
  ],
  temperature: [
    unit('°C', 'c|celsius|centigrade', 1, 0),
    unit('°F', 'f|fahrenheit', 5 / 9, 0, -160 / 9),
    unit('K', 'k|kelvin', 1, 0, -273.15),
  ],
  length: [unit('mm', 'mm', 1), unit('in', 'in|inch|inches|"', 25.4, 2), unit('cm', 'cm', 10, 1)],
  distance: [unit('km', 'km|kilometre|kilometres|kilometer|kilometers', 1, 0), unit('mi', 'mi|mile|miles', MILE_KM, 0)],
  altitude: [metres, feet, unit('km', 'km', 1000, 2)],
  speed: [
    unit('m/s', 'm/s|mps', 1, 1),
    unit('km/h', 'km/h|kmh|kph', 1 / 3.6, 0),
    unit('mph', 'mph|mi/h', MILE_KM / 3.6, 0),
    unit('kn', 'kn|kt|knot|knots', 1.852 / 3.6, 0),
  ],
  percent: [unit('%', '%|percent|per cent', 1)],
  // by volume; US proof is twice the share
  strength: [unit('%', '%|percent|per cent|% vol|%vol|abv', 1, 1), unit('proof', 'proof', 0.5)],
  hours: [unit('h', 'h|hour|hours', 1, 1), unit('min', 'min|minute|minutes', 1 / 60)],
  energy: [unit('kcal', 'kcal|cal|calories', 1), unit('kJ', 'kj', 1 / 4.184)],
  count: [unit('×', '|x|×', 1)],
  // a price is in the walker's own money: choosing another sign converts nothing
  price: [unit('€', '€|eur', 1, 2), unit('$', '$|usd', 1, 2), unit('£', '£|gbp', 1, 2), unit('kr', 'kr', 1, 2)],
  latitude: [unit('°', '|deg|degrees', 1, 1)],
  days: [unit('days', 'd|day|days', 1)],
  minutes: [unit('min', 'min|mins|minute|minutes', 1), unit('h', 'h|hour|hours', 60, 1), unit('s', 's|sec|second|seconds', 1 / 60)],
};

/** The unit of a quantity written with `symbol`; the core's own unit where there is none of that name. */
export function unitBySymbol(quantity: Quantity, symbol: string): Unit {
  return UNITS[quantity].find((u) => u.symbol === symbol) ?? UNITS[quantity][0]!;
}

/** Value in the core's unit. */
export function toCore(value: number, u: Unit): number {
  return value * u.factor + u.offset;
}

/** Value in unit `u`. */
export function fromCore(value: number, u: Unit): number {
  return (value - u.offset) / u.factor;
}
