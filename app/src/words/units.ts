import { formatNumber, formatQuantity, type Quantity, type Unit } from '@tinder/core/foundation/units';

/** A space that no line ends at. */
const NO_BREAK = '\u00a0';

/** Numbers in the units the walker prefers; who knows the preference says which they are. Every sentence is written with one of these. */
export abstract class Units {
  /** The preferred unit of a quantity. Read inside a template or `computed`, it follows the preference. */
  abstract unit(quantity: Quantity): Unit;

  /** "14.8 g", "0.52 oz"; number and unit stay on one line. */
  text(value: number, quantity: Quantity, decimals?: number): string {
    return this.plain(value, quantity, decimals).replaceAll(' ', NO_BREAK);
  }

  /** "14.8 g" as it is typed, for fields and files. */
  plain(value: number, quantity: Quantity, decimals?: number): string {
    return formatQuantity(value, quantity, this.unit(quantity).symbol, decimals);
  }

  /** "14.8" */
  number(value: number, quantity: Quantity, decimals?: number): string {
    return formatNumber(value, quantity, this.unit(quantity).symbol, decimals);
  }

  /** A single meal's fuel: tenths of a gram, hundredths of an ounce. */
  mealMass(massG: number): string {
    return this.text(massG, 'mass', this.unit('mass').symbol === 'g' ? 1 : undefined);
  }

  /** A difference: "+38 g", "−12 g". */
  signed(value: number, quantity: Quantity, decimals?: number): string {
    return `${value > 0 ? '+' : '−'}${this.text(Math.abs(value), quantity, decimals)}`;
  }
}
