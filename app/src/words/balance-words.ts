import { RAREST_CHANCE } from '@tinder/core/planning/risk';
import type { BalancePoint } from '@tinder/core/studies/study';
import { oddsWords } from './risk-words';
import type { Units } from './units';

type Mark = BalancePoint & { name: string };

/** A load-out of a kit in one line. */
export const balanceMarkWords = (m: Mark, units: Pick<Units, 'text'>): string =>
  `${m.name} with ${m.reservePercent} % reserve, ${units.text(m.averageG, 'mass')}, chance of running out ${oddsWords(m.worst)}`;

/** How the load-outs as planned stand, and what would be lighter: without more risk, or within what the walker lives with. */
export function balanceWords(now: Mark, front: readonly Mark[], limit: number, units: Pick<Units, 'text'>): string {
  const better = front.find((m) => m.worst <= now.worst && m.averageG < now.averageG - 1);
  const safest = front.find((m) => m.worst <= limit);
  const where = now.worst < RAREST_CHANCE ? '' : ` between ${now.tightest.from} and ${now.tightest.to}`;
  const own = `As planned: ${units.text(now.averageG, 'mass')} on average, chance of running out${where} ${oddsWords(now.worst)}.  `;
  if (better)
    return `${own}${better.name} with ${better.reservePercent} % reserve is ${units.text(now.averageG - better.averageG, 'mass')} lighter and no riskier.`;
  if (safest && safest !== now && safest.averageG < now.averageG - 1)
    return `${own}The lightest within your limit is ${safest.name} with ${safest.reservePercent} % reserve, ${units.text(safest.averageG, 'mass')}.`;
  return `${own}No kit of yours that cooks as much is lighter at the same risk.`;
}
