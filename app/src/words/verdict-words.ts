import { unfinishedMeals, type CarryPlan } from '@tinder/core/planning/planned';
import type { Advice, CarryAtRisk, Change, WhyLoadOut } from '@tinder/core/studies/study';
import { changeWords, effectWords } from './change-words';
import { edgeWords } from './edge-words';
import { dayCountWords } from './leg-words';
import { leftBehindWords } from './loadout-words';
import { dayWords } from './problem-words';
import { containersInWords } from './container-words';
import { oddsWords } from './risk-words';
import type { FigureRef } from './figure-ref';
import type { Units } from './units';
import { PART_WORDS } from './part-words';

/** A stretch of the verdict; with a `ref` it is a number that opens its derivation, with a `change` it can be adopted. */
export interface Segment {
  text: string;
  ref?: FigureRef;
  change?: Change;
  /** Said where there is room: the answer stands without it. The lower, the sooner it is left out. */
  aside?: 1 | 2 | 3;
}
type Format = Pick<Units, 'text' | 'mealMass'>;

/** How the trip stands: within the walker's limit, over it somewhere, or with meals that cannot be cooked. */
export type VerdictState = 'within' | 'tight' | 'short';

/** What is said at one glance, in two sentences with a state, and what is told to those who ask why. */
export interface Verdict {
  lead: Segment[];
  second: Segment[];
  /** Undefined while it is not known, and where nothing is carried. */
  state: VerdictState | undefined;
  why: Segment[];
}
/** Nothing to say yet. */
export const NO_VERDICT: Verdict = { lead: [], second: [], state: undefined, why: [] };

/** What is said where so many characters have room: asides are left out, the least needed first, until the rest fits. */
export function fitted(said: readonly Segment[], most: number): Segment[] {
  const length = (list: readonly Segment[]): number => list.reduce((sum, s) => sum + s.text.length, 0);
  let kept = [...said];
  for (const level of [1, 2, 3] as const) {
    if (length(kept) <= most) break;
    kept = kept.filter((s) => s.aside !== level);
  }
  return kept;
}

/**
 * What a friend who knows would say: the load-out; what stands in the way, else the riskiest leg against `limit`, the chance that the walker accepts
 * (0–1); asked further, why this load-out and what would help (`advice` is undefined while that is worked out, 'unknown' where it failed).
 */
export function verdictWords(
  carry: CarryPlan,
  advice: Advice | 'unknown' | undefined,
  riskiest: CarryAtRisk | undefined,
  limit: number,
  units: Format,
): Verdict {
  const lead = loadout(carry, units);
  const hindered = obstacle(carry, units);
  const second = hindered ?? risk(carry, riskiest, limit);
  const state = hindered ? 'short' : riskiest && (riskiest.risk.runOut > limit ? 'tight' : 'within');
  if (!advice) return { lead, second, state, why: [] };
  if (advice === 'unknown') return { lead, second: [...second, { text: 'What would help most could not be worked out.' }], state, why: [] };
  return { lead, second, state, why: [...whyWords(carry, advice.why, units), ...adviceWords(advice, units)] };
}

function loadout(carry: CarryPlan, units: Format): Segment[] {
  if (carry.fuelG === 0)
    return [
      { text: carry.problems.length ? 'Nothing can be cooked as it stands. ' : `Leave ${carry.from} without fuel: every meal is cold. ` },
    ];
  const days = dayCountWords(carry.days.length);
  const behind = leftBehindWords(carry, units);
  return [
    { text: `Leave ${carry.from} with ` },
    { text: containersInWords(carry, units), ref: { kind: 'loadout', stopId: carry.fromStopId } },
    ...(behind ? [{ text: ` and leave behind the ${behind}`, aside: 2 as const }] : []),
    { text: ': ', aside: 1 },
    { text: units.text(carry.demandG, 'mass'), ref: { kind: 'demand', stopId: carry.fromStopId }, aside: 1 },
    { text: ` for ${days}`, aside: 1 },
    { text: ', ', aside: 3 },
    { text: units.text(carry.fuelG - carry.demandG, 'mass'), ref: { kind: 'loadout', stopId: carry.fromStopId }, aside: 3 },
    { text: ` left at ${carry.to}`, aside: 3 },
    { text: '. ' },
  ];
}

/** Why it is not what would be lightest for this carry alone. */
function whyWords({ from }: CarryPlan, why: WhyLoadOut | undefined, units: Format): Segment[] {
  if (!why) return [];
  const alone = containersInWords({ containers: why.alone }, units);
  const later = why.laterG < 0.5 ? 'no less over the whole trip' : `${units.text(why.laterG, 'mass')} more on a mean day of the trip`;
  return [{ text: `With ${alone} you would leave ${from} ${units.text(why.lighterG, 'mass')} lighter and carry ${later}. ` }];
}

/** What keeps a meal from getting hot; undefined where nothing does. */
function obstacle(carry: CarryPlan, units: Format): Segment[] | undefined {
  const banned = carry.problems.find((q) => q.code === 'banned');
  if (banned)
    return [
      {
        text: `On ${dayWords(banned.onDays)} ${banned.restriction === 'noFlame' ? 'no flame' : 'no open flame'} is allowed: meals are cold with this kit. `,
      },
    ];
  const p = carry.problems.find((q) => q.code === 'stalls' || q.code === 'mayBlowOut' || q.code === 'wontRun');
  if (p && 'days' in p) {
    const why = { stalls: 'will not get hot', mayBlowOut: 'may blow out in this wind', wontRun: 'will find no pressure in the canister' }[
      p.code
    ];
    const failing = unfinishedMeals(carry);
    const others = failing > p.days.length ? `, and ${failing - p.days.length} more meals fail` : '';
    return [{ text: `But ${PART_WORDS[p.meal]} on ${dayWords(p.days)} ${why}${others}. ${edgeWords(p.edge, units)} ` }];
  }
  return undefined;
}

/** The riskiest leg, and how likely it runs out there. Nothing while that is drawn, or where nothing is carried. */
function risk(carry: CarryPlan, riskiest: CarryAtRisk | undefined, limit: number): Segment[] {
  if (!riskiest) return [];
  const { from, to } = riskiest.carry;
  const isOver = riskiest.risk.runOut > limit;
  return [
    { text: 'Riskiest leg: ' },
    { text: riskiest.carry === carry ? 'this one, ' : `${from} to ${to}, `, aside: 2 },
    { text: oddsWords(riskiest.risk.runOut), ref: { kind: 'risk', stopId: riskiest.carry.fromStopId } },
    { text: ' chance of running out', aside: 3 },
    { text: isOver ? ', over your limit. ' : ', within your limit. ' },
  ];
}

/** The change that helps most; beside what costs nothing what would cost comfort, where anything does, else the runner-up. */
function adviceWords({ changes: [best, ...others] }: Advice, units: Format): Segment[] {
  const next = others.find((c) => c.comfort) ?? others[0];
  if (!best) return [{ text: 'No painless savings left.' }];
  return [best, ...(next ? [next] : [])].flatMap((change) => [
    { text: changeWords(change, units), change },
    { text: `: ${effectWords(change, units)}. ` },
  ]);
}
