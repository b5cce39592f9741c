import { SCREEN_LEAK, SITE_FACTOR, WIND_WORDS_MPS, WINDSCREENS, type Site, type WindscreenKind, type WindWord } from './constants';

/** Wind as the walker knows it: what the flame does, a forecast at 10 m and the kind of site, or a speed at an unscreened flame. */
export type Wind =
  { kind: 'words'; word: WindWord } | { kind: 'forecast'; tenMetreMps: number; site: Site } | { kind: 'flame'; mps: number };

/** Wind at an unscreened flame, m/s. */
export function unscreenedWindMps(wind: Wind): number {
  switch (wind.kind) {
    case 'words':
      return WIND_WORDS_MPS[wind.word];
    case 'forecast':
      return wind.tenMetreMps * SITE_FACTOR[wind.site];
    case 'flame':
      return wind.mps;
  }
}

/** Wind behind a windscreen, m/s, at the flame and at the pot (a plate on the burner shelters the flame only). */
export function screenedWind(unscreenedMps: number, screen: WindscreenKind): { flameMps: number; potMps: number } {
  const { shelter, sheltersPot } = WINDSCREENS[screen];
  const flameMps = unscreenedMps * (1 - shelter) + leakMps(unscreenedMps, shelter);
  return { flameMps, potMps: sheltersPot ? flameMps : unscreenedMps };
}

/** Wind at an unscreened flame that is so much behind a windscreen, m/s. */
export function windBeforeMps(flameMps: number, screen: WindscreenKind): number {
  const { shelter } = WINDSCREENS[screen];
  const still = flameMps / (1 - shelter);
  return still <= SCREEN_LEAK.fromMps
    ? still
    : (flameMps + SCREEN_LEAK.share * shelter * SCREEN_LEAK.fromMps) / (1 - shelter + SCREEN_LEAK.share * shelter);
}

/** What gets round and under a windscreen in a strong wind, m/s: some of what it would have kept off. */
const leakMps = (unscreenedMps: number, shelter: number): number =>
  SCREEN_LEAK.share * shelter * Math.max(0, unscreenedMps - SCREEN_LEAK.fromMps);
