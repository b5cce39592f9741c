/** Why a physical function refused its input: data, turned into words at the edge. */
export class OutOfRangeError extends RangeError {
  constructor(
    readonly quantity: string,
    readonly value: number,
    readonly min: number,
    readonly max: number,
  ) {
    super(`${quantity} = ${value} is outside ${min} to ${max}`);
    this.name = 'OutOfRangeError';
  }
}

/** Throws {@link OutOfRangeError} unless `min <= value <= max`; NaN is refused too. */
export function requireRange(quantity: string, value: number, min: number, max: number): void {
  if (!(value >= min && value <= max)) throw new OutOfRangeError(quantity, value, min, max);
}
