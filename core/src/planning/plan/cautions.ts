import type { Caution, PlanDay } from '../planned';
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
export function cautions({ burner, fuel, kit }: KitInUse, days: readonly PlanDay[]): Caution[] {
  const list: Caution[] = [];
  const meals = days.flatMap((d) => Object.values(d.meals));
  if (!meals.length) return list;
  const cold = meals.some((m) => m.facts.airC < 0) || meals.some((m) => m.facts.flameWindMps > 2);
  if (cold) list.push({ code: 'carbonMonoxide' });
  if (isGas(burner)) {
    const hottest = Math.max(...meals.map((m) => m.burn.canEndC ?? m.facts.airC));
    if (wallsInCan(kit.windscreen, burner)) list.push({ code: 'screenAroundCan' });
    if (hottest > HOTTEST_CAN_C) list.push({ code: 'hotCan', canC: hottest });
    if (kit.canWarming === 'bath') list.push({ code: 'bathNotHot' });
    if (burner.family === 'remote') list.push({ code: 'turnCanWhenHot' });
    list.push({ code: 'jointLeaks' });
  }
  if (fuel.kind === 'alcohol') {
    list.push({ code: 'invisibleFlame' }, { code: 'refuelCold' });
    if (fuel.mix.methanol > 0.01) list.push({ code: 'methanol' });
  }
  if (burner.family === 'liquid') list.push({ code: 'primeOutside' });
  if (!isGas(burner) && burner.family !== 'liquid') list.push({ code: 'openFlameBan' });
  if (kit.sleeveOn && (!isGas(burner) || kit.flameSetting > SLEEVE_FLAME)) list.push({ code: 'meltingSleeve' });
  const roomMl = potVolumeMl(kit.pot) * HEADSPACE.plain;
  const most = Math.max(...meals.map((m) => m.facts.waterMl));
  if (most > roomMl) list.push({ code: 'overfull', waterMl: most, roomMl });
  const spanMm = Math.min(kit.pot.diameterMm, isGas(burner) ? SUPPORT_SPAN_MM.gas : SUPPORT_SPAN_MM.other);
  if (kit.pot.heightMm / spanMm > STEADY_RATIO && burner.family !== 'locked')
    list.push({ code: 'tallOnNarrow', heightMm: kit.pot.heightMm, spanMm });
  return list;
}
