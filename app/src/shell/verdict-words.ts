import { unfinishedMeals, type CarryPlan, type Change } from '@tinder/core';
import { formatDuration } from '@tinder/core';
import { dayWords } from '../carry/problem-words';
import { WINDSCREEN_WORDS } from '../carry/option-lists';
import { chanceWords } from '../carry/risk-words';
import type { CarryAtRisk } from '../state/risk-service';
import type { FigureRef } from '../ledger/figure-ref';
import type { Units } from '../ui/units';
import { PART_WORDS } from '../menu/menu-words';

/** A stretch of the verdict; with a `ref` it is a number that opens its derivation, with a `change` it can be adopted. */
export interface Segment {
  text: string;
  ref?: FigureRef;
  change?: Change;
}
type Format = Pick<Units, 'text' | 'mealMass'>;

/** What a friend who knows would say: the load-out, what stands in the way or where it is tightest, the change that helps most. */
export function verdictWords(
  carry: CarryPlan,
  changes: readonly Change[] | undefined,
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
    { text: containersInWords(carry, units), ref: { kind: 'loadout', fromStop: carry.fromStop } },
    { text: `: ${days} burn ` },
    { text: units.text(carry.demandG, 'mass'), ref: { kind: 'demand', fromStop: carry.fromStop } },
    { text: ', and ' },
    { text: units.text(carry.fuelG - carry.demandG, 'mass'), ref: { kind: 'loadout', fromStop: carry.fromStop } },
    { text: ` should be left at ${carry.to}. ` },
  ];
}

/** "one 230 g can", "480 mL of alcohol in a 500 mL bottle", "18 tablets". */
export function containersInWords(carry: Pick<CarryPlan, 'containers'>, units: Format): string {
  const first = carry.containers[0];
  if (first?.kind === 'tablets') return `${first.count} tablets of ${first.tabletG} g`;
  if (first?.kind === 'bottle') {
    const fillMl = carry.containers.reduce((sum, c) => sum + (c.kind === 'bottle' ? c.fillMl : 0), 0);
    const n = carry.containers.length;
    return `${units.text(fillMl, 'volume')} of alcohol in ${n === 1 ? 'one bottle' : `${n} bottles`}`;
  }
  if (first?.kind === 'liquidBottle') {
    const fillMl = carry.containers.reduce((sum, c) => sum + (c.kind === 'liquidBottle' ? c.fillMl : 0), 0);
    return `${units.text(fillMl, 'volume')} of liquid fuel`;
  }
  if (first?.kind === 'gelTin') return carry.containers.length === 1 ? 'one tin of gel' : `${carry.containers.length} tins of gel`;
  const cans = carry.containers.filter((c) => c.kind === 'canister' && c.fuelG > 0.5);
  const counts = new Map<number, number>();
  const used: string[] = [];
  for (const c of cans) {
    if (c.kind !== 'canister') continue;
    if (c.fuelG > c.netG - 0.5) counts.set(c.netG, (counts.get(c.netG) ?? 0) + 1);
    else used.push(`${units.text(c.fuelG, 'mass')} in the part-used ${c.netG} g can`);
  }
  return [...used, ...[...counts].map(([netG, n]) => (n === 1 ? `one ${netG} g can` : `${n} cans of ${netG} g`))].join(' and ');
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
  return [{ text: where }, { text: chanceWords(tightest.risk), ref: { kind: 'risk', fromStop: tightest.carry.fromStop } }, { text: '. ' }];
}

function advice(changes: readonly Change[] | undefined, units: Format): Segment[] {
  if (!changes) return [];
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
