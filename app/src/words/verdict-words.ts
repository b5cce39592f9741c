import { unfinishedMeals, type CarryPlan } from '@tinder/core/plan';
import type { CarryAtRisk, Change } from '@tinder/core/study';
import { formatDuration } from '@tinder/core/units';
import { dayWords } from './problem-words';
import { WINDSCREEN_WORDS } from './choice-words';
import { containersInWords } from './container-words';
import { chanceWords } from './risk-words';
import type { FigureRef } from './figure-ref';
import type { Units } from './units';
import { PART_WORDS } from './menu-words';

/** A stretch of the verdict; with a `ref` it is a number that opens its derivation, with a `change` it can be adopted. */
export interface Segment {
  text: string;
  ref?: FigureRef;
  change?: Change;
}
type Format = Pick<Units, 'text' | 'mealMass'>;

/** What a friend who knows would say (`changes` are undefined while they are worked out, 'unknown' where that failed): the load-out, what stands in the way or where it is tightest, the change that helps most. */
export function verdictWords(
  carry: CarryPlan,
  changes: readonly Change[] | 'unknown' | undefined,
  tightest: CarryAtRisk | undefined,
  units: Format,
): Segment[] {
  return [...loadout(carry, units), ...(obstacle(carry) ?? risk(carry, tightest)), ...advice(changes, units)];
}

function loadout(carry: CarryPlan, units: Format): Segment[] {
  if (carry.fuelG === 0)
    return [
      { text: carry.problems.length ? 'Nothing can be cooked as it stands. ' : `Leave ${carry.from} without fuel: every meal is cold. ` },
    ];
  const days = `${carry.days.length} ${carry.days.length === 1 ? 'day' : 'days'}`;
  return [
    { text: `Leave ${carry.from} with ` },
    { text: containersInWords(carry, units), ref: { kind: 'loadout', stopId: carry.fromStopId } },
    { text: `: ${days} burn ` },
    { text: units.text(carry.demandG, 'mass'), ref: { kind: 'demand', stopId: carry.fromStopId } },
    { text: ', and ' },
    { text: units.text(carry.fuelG - carry.demandG, 'mass'), ref: { kind: 'loadout', stopId: carry.fromStopId } },
    { text: ` should be left at ${carry.to}. ` },
  ];
}

/** What keeps a meal from getting hot; undefined where nothing does. */
function obstacle(carry: CarryPlan): Segment[] | undefined {
  const banned = carry.problems.find((q) => q.code === 'banned');
  if (banned)
    return [
      {
        text: `On ${dayWords(banned.onDays)} ${banned.restriction === 'noFlame' ? 'no flame' : 'no open flame'} is allowed: meals are cold with this kit. `,
      },
    ];
  const p = carry.problems.find((q) => q.code === 'stalls' || q.code === 'mayBlowOut' || q.code === 'wontRun');
  if (p && 'days' in p) {
    const why = { stalls: 'will not get hot', mayBlowOut: 'may blow out in this wind', wontRun: 'will find no pressure in the can' }[
      p.code
    ];
    const failing = unfinishedMeals(carry);
    const others = failing > p.days.length ? `, and ${failing - p.days.length} more meals fail` : '';
    return [{ text: `But ${PART_WORDS[p.meal]} on ${dayWords(p.days)} ${why}${others}. ` }];
  }
  return undefined;
}

/** Where the trip is tightest, and how likely it runs out there. Nothing while that is drawn, or where nothing is carried. */
function risk(carry: CarryPlan, tightest: CarryAtRisk | undefined): Segment[] {
  if (!tightest) return [];
  const here = tightest.carry === carry;
  const where = here
    ? 'No carry of the trip is tighter: its chance of running out is '
    : `Tightest is ${tightest.carry.from} to ${tightest.carry.to}: its chance of running out is `;
  return [{ text: where }, { text: chanceWords(tightest.risk), ref: { kind: 'risk', stopId: tightest.carry.fromStopId } }, { text: '. ' }];
}

function advice(changes: readonly Change[] | 'unknown' | undefined, units: Format): Segment[] {
  if (!changes) return [];
  if (changes === 'unknown') return [{ text: 'What would help most could not be worked out.' }];
  const best = bestChange(changes);
  if (!best) return [{ text: 'No single change tried here would save more than a gram.' }];
  const effect = [
    ...(best.mealsMended > 0 ? [`mends ${best.mealsMended} ${best.mealsMended === 1 ? 'meal' : 'meals'}`] : []),
    ...(best.startG < -0.5 ? [`takes ${units.text(-best.startG, 'mass')} off your back`] : []),
    ...(best.startG > -0.5 && best.fuelG < 0 ? [`saves ${units.text(-best.fuelG, 'mass')} of fuel but no container`] : []),
  ];
  const time =
    Math.abs(best.timeS) < 60 || best.mealsMended > 0
      ? ''
      : ` (${formatDuration(Math.abs(best.timeS))} ${best.timeS > 0 ? 'longer' : 'less'} at the stove)`;
  return [{ text: sentenceStart(changeWords(best)), change: best }, { text: ` ${effect.join(' and ')}${time}.` }];
}

/** What helps most: mended meals, then weight off the back, then fuel. Going without hot food is only named when it mends. */
export function bestChange(changes: readonly Change[]): Change | undefined {
  const kept = changes.filter((c) => c.kind.code !== 'coldBreakfast' || c.startG < -50);
  return [...kept].sort((a, b) => b.mealsMended - a.mealsMended || a.startG - b.startG || a.fuelG - b.fuelG)[0];
}

export function changeWords(change: Change): string {
  switch (change.kind.code) {
    case 'stopAt88':
      return 'stopping at 88 °C instead of the boil';
    case 'lidOn':
      return 'putting the lid on';
    case 'flame':
      return `setting the flame to ${Math.round(100 * change.kind.setting)} %`;
    case 'windscreen':
      return `a windscreen (${WINDSCREEN_WORDS[change.kind.windscreen]})`;
    case 'coldBreakfast':
      return 'eating breakfast cold';
  }
}

const sentenceStart = (s: string): string => s[0].toUpperCase() + s.slice(1);
