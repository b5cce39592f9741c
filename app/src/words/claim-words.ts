import type { Axis, Claim, ClaimAnswer, ClaimVerdict } from '@tinder/core/studies/bench';
import { contrastSaid } from './contrast-words';
import { measured } from './measured';
import { sentenceStart } from './sentence-start';
import type { Units } from './units';

/** Sayings of the trade, in our words. */
const SAYINGS: Record<string, string> = {
  windscreenHalves: 'A windscreen halves the fuel',
  lidFifth: 'A lid saves a fifth',
  sleeve: 'A cozy left on while heating saves fuel',
  lowFlame: 'Half a flame saves a tenth over a full one',
  lowestFlame: 'The lower the flame, the less fuel',
  fullFlameQuick: 'A low flame takes no longer',
  warmCan: 'A warm canister saves fuel',
  warmCanQuick: 'A warm canister boils a fifth sooner than a cold one',
  fullCanQuick: 'A full canister boils sooner than one nearly empty',
  titanium: 'Titanium wastes fuel beside aluminium',
  fins: 'A finned base saves a quarter',
  widePot: 'A wide pot saves a tenth over a narrow one',
  notBoil: 'Stopping short of the boil saves a tenth',
  oneLarge: 'One large potful costs a tenth less than two small ones',
  warmWater: 'Water warmed on the way saves a seventh',
  snow: 'Water out of a brook halves what snow costs',
  highUp: 'High up it takes less fuel',
  tablets: 'Tablets beat alcohol, gram for gram',
  gasAlcohol: 'Gas needs two fifths less weight of fuel than alcohol',
  regulated: 'A regulator saves fuel on a cold canister',
  bigBurner: 'A big stove saves fuel by being done sooner',
  bigBurnerQuick: 'A big stove is a fifth quicker',
  blackFoil: 'Black foil is better than bright foil',
};

export const sayingWords = (claim: Claim, own?: string): string => own ?? SAYINGS[claim.id] ?? claim.id;

export const VERDICT_WORDS: Record<ClaimVerdict, string> = {
  holds: 'holds',
  holdsNot: 'does not hold here',
  tooSmall: 'too small to see',
  open: 'not clear yet',
  depends: 'depends',
  aFails: 'fails here',
  bFails: 'only it cooks here',
  bothFail: 'neither cooks here',
  notThisKit: 'not with this kit',
  notModelled: 'only a test can say',
};

const share = (x: number): string => `${Math.round(100 * Math.abs(x))} %`;

/** What the model says of a saying under these conditions, with its interval. */
export function claimWords({ claim, verdict, saves }: ClaimAnswer, units: Pick<Units, 'text'>): string {
  const sides = claim.contrast && contrastSaid(claim.contrast, units);
  if (!sides) return 'The burn model has no part for this: burn it A against B.';
  if (verdict === 'notThisKit') return 'This kit has nothing of the kind.';
  if (verdict === 'aFails') return `With ${sides.a} the dinner does not get hot here, so that nothing is saved.`;
  if (verdict === 'bFails') return `With ${sides.b} the dinner does not get hot here at all; with ${sides.a} it does.`;
  if (verdict === 'bothFail') return 'Neither gets the dinner hot here: find shelter or warm the canister first.';
  if (!saves) return '';
  const what = claim.of === 'fuel' ? 'fuel' : 'time';
  const said = saves.mean >= 0 ? `${share(saves.mean)} less ${what}` : `${share(saves.mean)} more ${what}`;
  const end = (x: number): string => `${share(x)} ${x >= 0 ? 'less' : 'more'}`;
  return `${sentenceStart(sides.a)} against ${sides.b}: ${said} (${end(saves.low)} to ${end(saves.high)}).`;
}

/** The share that is claimed. */
export const claimedWords = ({ by }: Pick<Claim, 'by'>): string => (by === 0 ? 'claim: any less' : `claim: ${share(by)} less`);

export const AXIS_WORDS: Record<Axis, { name: string; quantity: 'speed' | 'temperature' | 'volume' }> = {
  windMps: { name: 'wind at the flame', quantity: 'speed' },
  airC: { name: 'air and canister', quantity: 'temperature' },
  waterMl: { name: 'water', quantity: 'volume' },
};

/** Where the answer turns. */
export function turnsWords(turns: ClaimAnswer['turns'], units: Pick<Units, 'text'>): string {
  if (!turns.length)
    return measured('The answer is the same between calm and {6 m/s}, {−10 °C} and {30 °C}, {250 mL} and {1500 mL}.', units);
  const at = turns.map((t) => {
    const { name, quantity } = AXIS_WORDS[t.axis];
    return `${name} ${units.text(t.at, quantity)}${t.within ? ', which this trip has' : ''}`;
  });
  return `The answer changes at: ${at.join('; ')}.`;
}
