/** Fitted and assumed coefficients of the burn model (docs/physics.md, The burn, common practice unless noted). */

/** Peak efficiency and the heat flux that halves it, by pot base. Fitted together with the side loss: change both or neither. */
export const POT_BASE = {
  bare: { etaMax: 0.58, fluxScaleWPerM2: 480_000 },
  finned: { etaMax: 0.8, fluxScaleWPerM2: 660_000 },
} as const;

/** Still air and radiation from a pot, W/(m² K). */
export const STILL_POT_W_PER_M2_K = 10;
/** Still-air part of the mass-transfer coefficient over open water, W/(m² K). */
export const STILL_OPEN_WATER_W_PER_M2_K = 5;
/** What a lid leaves of the evaporation. */
export const LID_LEAK = 0.1;

/** Specific heat of pot metals, J/(kg K) (CRC Handbook). */
export const POT_CP_J_PER_KG_K = { titanium: 540, aluminium: 900, stainless: 500 } as const;
export type PotMaterial = keyof typeof POT_CP_J_PER_KG_K;

/** Share of the wind at the flame that gets past a windscreen, and whether it shelters the pot as well. */
export const WINDSCREENS = {
  none: { shelter: 0, sheltersPot: false },
  plate: { shelter: 0.15, sheltersPot: false },
  folded: { shelter: 0.6, sheltersPot: true },
  foil: { shelter: 0.9, sheltersPot: true },
  cone: { shelter: 0.9, sheltersPot: true },
} as const;
export type WindscreenKind = keyof typeof WINDSCREENS;
/** Above this wind at an unscreened flame it gets round and under any windscreen: so much of what is more comes through (assumption). */
export const SCREEN_LEAK = { fromMps: 8, share: 0.5 } as const;
/** Windscreens that stand round the pot with a gap. */
export const WINDSCREENS_ROUND: readonly WindscreenKind[] = ['foil', 'cone'];

/** 10 m wind to the unscreened flame at 10–15 cm above ground (log profile). */
export const SITE_FACTOR = { ridge: 0.45, trees: 0.3, forest: 0.15, hollow: 0.08 } as const;
export type Site = keyof typeof SITE_FACTOR;

/** What a walker sees at an unscreened flame, m/s. */
export const WIND_WORDS_MPS = { steady: 0.5, leaning: 2, blown: 4, out: 7 } as const;
export type WindWord = keyof typeof WIND_WORDS_MPS;

/** Coupling, loss per m/s and blow-out wind by the kind of flame. */
export const FLAMES = {
  tall: { couple: 1, windDecayPerMps: 0.2, blowOutMps: 7 },
  bowl: { couple: 1, windDecayPerMps: 0.08, blowOutMps: 12 },
  locked: { couple: 1, windDecayPerMps: 0.05, blowOutMps: 10 }, // blow-out: assumption
  liquid: { couple: 1, windDecayPerMps: 0.1, blowOutMps: 10 }, // blow-out: assumption
  gel: { couple: 0.55, windDecayPerMps: 0.25, blowOutMps: 2 },
  wood: { couple: 0.3, windDecayPerMps: 0.08, blowOutMps: 12 }, // blow-out: assumption
  openAlcohol: { couple: 0.65, windDecayPerMps: 0.25, blowOutMps: 4 },
  cone: { couple: 0.9, windDecayPerMps: 0.25, blowOutMps: 8 }, // its wind is the one inside
  ringAlcohol: { couple: 0.82, windDecayPerMps: 0.25, blowOutMps: 4 }, // in its own stand: the flame does not miss the pot (fitted to practice)
  tablet: { couple: 0.75, windDecayPerMps: 0.25, blowOutMps: 3 },
} as const;
export type FlameKind = keyof typeof FLAMES;

/** Open alcohol: share of full power at lighting, rising in a straight line over the bloom. */
export const BLOOM = { startShare: 0.3, durationS: 60 } as const;
/**
 * Alcohol, tablets and gel burn in the air they draw themselves: their power falls with its pressure. Small pool fires burn in proportion to it
 * (from memory: tests between sea level and 3,700 m give exponents of 0.8 to 1.3).
 */
export const AIR_DRAWN_EXPONENT = 1;
/** Gas lost each time a canister joint is made and broken, g (assumption). */
export const JOINT_LOSS_G = 0.3;

/** Flame strengths below this share of the rated power do not keep alight (docs/physics.md, The can). */
export const WONT_RUN_SHARE = 0.05;

/** A burn is given up when it warms more slowly than this … */
export const GIVE_UP_K_PER_S = 0.1 / 60;
/** … for this long, */
export const GIVE_UP_AFTER_S = 60;
/** or when it has lasted an hour. */
export const LONGEST_BURN_S = 3600;

/** A turned-down flame blows out sooner: its limit falls with the square root of its share of full power (assumption). */
export const lowFlameBlowOut = (limitMps: number, powerShare: number): number => limitMps * Math.sqrt(Math.min(1, powerShare));
/** Surplus that keeps a boil rolling, W a square metre of pot base (assumption: 150 W under a half-litre pot, bubbles bursting all over). */
export const ROLLING_SURPLUS_W_PER_M2 = 21_000;
/** Below this air temperature alcohol wants warm fuel or a primer pan, °C, and how much the pan takes, mL (docs/physics.md, The burn). */
export const PRIMER_PAN = { belowC: 7, ml: 2.5 } as const;
/** Liquid fuel burnt to preheat at each lighting, g (docs/physics.md, The burn). */
export const LIQUID_PRIMING_G = 4;
/** Snow: heat beyond its own where it is melted dry, without starter water (docs/physics.md, The burn, assumption). */
export const DRY_SNOW_FACTOR = 1.15;
/** Gusts: strength against the mean, and the share of time they blow (assumption; WMO gust factors near the ground are 1.4–1.8). */
export const GUSTS = { factor: 1.6, share: 0.3 } as const;
/** Resistance of an insulating sleeve, m² K/W: 5 mm of foam at 0.04 W/(m K) (common practice). */
export const SLEEVE_M2K_PER_W = 0.125;
/** What a snuffer cup saves of the alcohol that would have burnt on; the rest boils off the hot burner (assumption). */
export const SNUFFED_SHARE = 0.9;

/** Pot base above an alcohol burner where it heats best, mm, and gap to a windscreen round the pot (docs/physics.md, The burn, common practice). */
export const BEST_POT_HEIGHT_MM = { from: 40, to: 50, usual: 45 } as const;
export const BEST_SCREEN_GAP_MM = 6;
/** What a millimetre off costs of the coupling, and the most that is let go (common practice: 20 mm off costs about a sixth, a 25 mm gap a tenth). */
export const FIT = { heightLossPerMm: 0.008, gapLossPerMm: { narrow: 0.04, wide: 0.005 }, least: 0.6 } as const;
/** A pan hot enough to brown food, °C (common practice: browning starts near 140 °C). */
export const FRYING_PAN_C = 150;
/** Specific heat of dry food, J/(g K) (common practice: starches and dried meals lie at 1.5 to 2.0). */
export const DRY_FOOD_CP_J_PER_G_K = 1.7;
/** Doneness counts minutes at this temperature, °C; `zK` warmer cooks ten times as fast (docs/physics.md, Dishes: an assumption to start with). */
export const DONENESS = { referenceC: 90, zK: 20 } as const;
