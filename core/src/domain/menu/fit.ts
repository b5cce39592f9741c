import { potVolumeMl } from '../../physics/burn';
import { burnerById, hasValve, isGas, type Burner } from '../catalogue';
import type { Kit, Meal, Method } from '../model';
import { isSimmered } from './methods';

/** Water and food may fill a pot to this share of its brim (docs/physics.md, Dishes). */
export const HEADSPACE = { plain: 0.85, foaming: 0.7 };
/** Room a gram of dry food takes in its water, mL: what swells drinks as much as it grows (common practice). */
const DISPLACED_ML_PER_G = 0.7;
/** Rice and pasta grow to three times their dry volume (docs/physics.md, Dishes); dry they take about this, mL a gram. */
const SWOLLEN = { factor: 3, dryMlPerG: 1.2 };

/** Why a kit cannot cook a dish so, with what to do instead: data. */
export type MethodProblem =
  | { code: 'noSimmer'; instead: Method[] }
  | { code: 'potTooSmall'; needMl: number; roomMl: number; instead: Method[] }
  | { code: 'noFryingOnIt'; instead: Method[] }
  | { code: 'noBurner'; instead: Method[] }
  | { code: 'onlyDosed'; instead: Method[] };

/** The share of the brim a dish may fill. */
export const headspaceOf = (meal: Pick<Meal, 'foams'>): number => (meal.foams ? HEADSPACE.foaming : HEADSPACE.plain);

/** How full the pot gets, mL. */
export function potFillMl(meal: Meal): number {
  const inPot = meal.vessel === 'pot' ? meal.dryG * DISPLACED_ML_PER_G : 0;
  return (meal.target.kind === 'fry' ? 0 : meal.waterMl) + inPot;
}

/** Volume of the food once it has drunk, mL. */
export const swollenMl = (dryG: number): number => dryG * SWOLLEN.dryMlPerG * SWOLLEN.factor;

/** Everything that keeps a burner and pot from cooking a dish by its method. */
export function methodProblems(kit: Kit, meal: Meal): MethodProblem[] {
  const burner = burnerById(kit.burnerId);
  if (!meal.hot) return [];
  if (burner.family === 'none') return [{ code: 'noBurner', instead: ['coldSoak', 'noCook'] }];
  return [...flameProblems(burner, meal), ...roomProblems(kit, meal)];
}

/** What the flame cannot do: be held low, be measured out, heat a pan. */
function flameProblems(burner: Burner, meal: Meal): MethodProblem[] {
  const list: MethodProblem[] = [];
  const isHeld = meal.simmerMin > 0 || isSimmered(meal);
  if (isHeld && !hasValve(burner)) list.push({ code: 'noSimmer', instead: ['boilCozy', 'homeDried'] });
  if (meal.method === 'doseForget' && (isGas(burner) || burner.family === 'liquid'))
    list.push({ code: 'onlyDosed', instead: ['heatRest'] });
  if (meal.target.kind === 'fry' && (burner.family === 'locked' || burner.family === 'gel'))
    list.push({ code: 'noFryingOnIt', instead: ['boilPour'] });
  return list;
}

function roomProblems(kit: Kit, meal: Meal): MethodProblem[] {
  const roomMl = potVolumeMl(kit.pot) * headspaceOf(meal);
  const needMl = potFillMl(meal);
  if (needMl <= roomMl) return [];
  return [{ code: 'potTooSmall', needMl, roomMl, instead: meal.method === 'pastaPot' ? ['homeDried', 'simmer'] : ['coldSoak'] }];
}
