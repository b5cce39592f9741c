/** Spreads from burn to burn, one standard deviation: the draw, the doses and the words on screen all take them from here (docs/physics.md, Spreads). */
export const SPREADS = {
  waterK: 3,
  airK: 4,
  /** Of the quantity of water. */
  quantityShare: 0.05,
  /** Chance of a wind one class down and of one class up; as forecast otherwise. */
  windDown: 0.25,
  windUp: 0.25,
} as const;

/** Wind one class down or up, as a factor on what was reckoned with (docs/physics.md, Spreads). */
export const WIND_CLASS = { down: 0.5, up: 1.6 } as const;
