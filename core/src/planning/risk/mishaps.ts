/** Chances (0–1) of changes other than the weather. */
export interface Mishaps {
  /** A carry takes a day longer, like its last one. */
  slowDay: number;
  /** A day on which the wind is a class up all day. */
  stormDay: number;
  /** A hot drink more, as dear as this share of the day's dearest burn. */
  drinkMore: number;
}
export const NO_MISHAPS: Mishaps = { slowDay: 0, stormDay: 0, drinkMore: 0 };
