/** Spreads, one standard deviation: the draw, the doses and the words on screen all take them from here (docs/physics.md, Spreads). */
export const SPREADS = {
  waterK: 3,
  airK: 4,
  /** Of the quantity of water. */
  quantityShare: 0.05,
  /** Chance of a wind one class down and of one class up; as forecast otherwise. */
  windDown: 0.25,
  windUp: 0.25,
} as const;

/**
 * How far a walker's burns are off together, one standard deviation: burner, pot and hand are the same every evening. Until burn tests or a log
 * narrow it (docs/physics.md, Spreads: common practice, kitchen scales against a catalogue kit).
 */
export const UNCALIBRATED_SD = 0.12;

/** Wind one class down or up, as a factor on what was reckoned with (docs/physics.md, Spreads). */
export const WIND_CLASS = { down: 0.5, up: 1.6 } as const;
