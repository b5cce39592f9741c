import { lookSchema, type Look, type ShelfItem } from '@tinder/core/domain/model';
import type { GuidedHow } from '../../words/look-guide-words';

/** A figure that is typed for a look, and what it is typed as. */
export interface LookField {
  key: string;
  name: string;
  quantity: 'mass' | 'length' | 'minutes' | 'count' | 'temperature' | 'volume';
  decimals?: number;
  limits: 'grossG' | 'scaleSdG' | 'waterLineMm' | 'armMm' | 'burntMin' | 'gPerMin' | 'airC' | 'tabletCount' | 'fuelMl';
  /** What stands there before anything is typed. */
  usual: number | null;
}

const field = (
  key: string,
  name: string,
  quantity: LookField['quantity'],
  limits: LookField['limits'],
  usual: number | null = null,
  decimals?: number,
): LookField => ({
  key,
  name,
  quantity,
  limits,
  usual,
  ...(decimals === undefined ? {} : { decimals }),
});

/** What a look asks for. */
export const LOOK_FIELDS: Record<GuidedHow, readonly LookField[]> = {
  weighed: [field('grossG', 'the scale shows', 'mass', 'grossG', null, 1), field('scaleSdG', 'and is good to', 'mass', 'scaleSdG', 1, 1)],
  floated: [
    field('lowMm', 'its low side is under by', 'length', 'waterLineMm'),
    field('highMm', 'its high side by', 'length', 'waterLineMm'),
  ],
  marked: [],
  risen: [field('risenMm', 'the mark has risen by', 'length', 'waterLineMm', null, 1)],
  balanced: [
    field('waterG', 'water and its bottle', 'mass', 'grossG', 500),
    field('canArmMm', 'from the cord to the canister', 'length', 'armMm'),
    field('waterArmMm', 'from the cord to the bottle', 'length', 'armMm'),
  ],
  burnt: [
    field('minutes', 'minutes of flame', 'minutes', 'burntMin'),
    field('gPerMin', 'it takes in a minute', 'mass', 'gPerMin', 1.1, 2),
    field('canC', 'the canister was at about', 'temperature', 'airC', 10),
  ],
  counted: [field('count', 'tablets left', 'count', 'tabletCount')],
  measured: [field('fuelMl', 'in the measure', 'volume', 'fuelMl')],
};

/** Looks after which the container may also have been used without a log. */
export const asksUse = (how: GuidedHow): boolean => how !== 'marked' && how !== 'burnt';

/** What has been typed so far. */
export interface LookDraft {
  how: GuidedHow;
  on: string;
  figures: Readonly<Record<string, number | null>>;
  used: boolean;
  /** The figure on the scale is the simulated one's. */
  simulated: boolean;
}

/** A new draft: used since the last look, unless that was the same day or it was never opened. */
export const newDraft = (how: GuidedHow, on: string, item: ShelfItem): LookDraft => ({
  how,
  on,
  figures: Object.fromEntries(LOOK_FIELDS[how].map((f) => [f.key, f.usual])),
  used: asksUse(how) && item.openedOn !== null && item.looks.at(-1)?.on !== on,
  simulated: false,
});

/** The look that a draft makes; undefined until every figure is there. */
export function lookOf({ how, on, figures, used, simulated }: LookDraft): Look | undefined {
  const whole = { how, on, ...figures, ...(asksUse(how) ? { used } : {}), ...(how === 'weighed' ? { simulated } : {}) };
  return lookSchema.safeParse(whole).data;
}
