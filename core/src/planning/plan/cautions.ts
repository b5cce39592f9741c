import type { Caution, PlanDay, PlannedMeal } from '../planned';
import { potVolumeMl } from '../../physics/burn';
import { HOTTEST_CAN_C } from '../../physics/canister';
import { isGas, wallsInCan } from '../../domain/catalogue';
import { HEADSPACE } from '../../domain/menu';
import type { KitInUse } from './kit-in-use';

/** Pot supports reach about this far across, mm (common practice). */
const SUPPORT_SPAN_MM = { gas: 90, other: 95 };
/** Above this height over span a filled pot tips easily (common practice). */
const STEADY_RATIO = 1.25;
/** Past this flame the heat up the side melts sleeves and handles (assumption). */
const SLEEVE_FLAME = 0.6;

/** Cautions of days cooked on a kit, the gravest first. */
export function cautions(use: KitInUse, days: readonly PlanDay[]): Caution[] {
  const meals = days.flatMap((d) => Object.values(d.meals));
  return meals.length ? CHECKS.flatMap((check) => check(use, meals)) : [];
}

/** One thing to look for: the cautions that it asks for. */
type Check = (use: KitInUse, meals: readonly PlannedMeal[]) => Caution[];

const air: Check = (_use, meals) => (meals.some((m) => m.facts.airC < 0 || m.facts.flameWindMps > 2) ? [{ code: 'carbonMonoxide' }] : []);

const gas: Check = ({ burner, kit }, meals) => {
  if (!isGas(burner)) return [];
  const list: Caution[] = [];
  const hottestC = Math.max(...meals.map((m) => m.burn.canEndC ?? m.facts.airC));
  if (wallsInCan(kit.windscreen, burner)) list.push({ code: 'screenAroundCan' });
  if (hottestC > HOTTEST_CAN_C) list.push({ code: 'hotCan', canC: hottestC });
  if (kit.canWarming === 'bath') list.push({ code: 'bathNotHot' });
  if (burner.family === 'remote') list.push({ code: 'turnCanWhenHot' });
  return [...list, { code: 'jointLeaks' }];
};

const alcohol: Check = ({ fuel }) => {
  if (fuel.kind !== 'alcohol') return [];
  const methanol: Caution[] = fuel.mix.methanol > 0.01 ? [{ code: 'methanol' }] : [];
  return [{ code: 'invisibleFlame' }, { code: 'refuelCold' }, ...methanol];
};

const openFlame: Check = ({ burner }) => {
  if (burner.family === 'liquid') return [{ code: 'primeOutside' }];
  return isGas(burner) ? [] : [{ code: 'openFlameBan' }];
};

const sleeve: Check = ({ burner, kit }) =>
  kit.sleeveOn && (!isGas(burner) || kit.flameSetting > SLEEVE_FLAME) ? [{ code: 'meltingSleeve' }] : [];

const full: Check = ({ kit }, meals) => {
  const roomMl = potVolumeMl(kit.pot) * HEADSPACE.plain;
  const waterMl = Math.max(...meals.map((m) => m.facts.waterMl));
  return waterMl > roomMl ? [{ code: 'overfull', waterMl, roomMl }] : [];
};

const tall: Check = ({ burner, kit }) => {
  const { diameterMm, heightMm } = kit.pot;
  const spanMm = Math.min(diameterMm, isGas(burner) ? SUPPORT_SPAN_MM.gas : SUPPORT_SPAN_MM.other);
  return heightMm / spanMm > STEADY_RATIO && burner.family !== 'locked' ? [{ code: 'tallOnNarrow', heightMm, spanMm }] : [];
};

const CHECKS: readonly Check[] = [air, gas, alcohol, openFlame, sleeve, full, tall];
