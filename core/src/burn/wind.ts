import { SITE_FACTOR, WIND_WORDS_MPS, WINDSCREENS, type Site, type WindscreenKind, type WindWord } from './constants';

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
  const flameMps = unscreenedMps * (1 - shelter);
  return { flameMps, potMps: sheltersPot ? flameMps : unscreenedMps };
}
