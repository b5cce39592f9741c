import { isDone } from '../../physics/burn';
import { burnerById, hasShutOff, isGas, wallsInCan, type Burner, type BurnerFamily } from '../../domain/catalogue';
import { fuelById } from '../../physics/fuel';
import { isTinned } from '../../domain/menu';
import type { Kit, Meal, Trip } from '../../domain/model';
import type { Hazard, PlanDay, PlannedMeal } from '../../planning/planned';
import { COOK_S } from './cook-times';

/** One thing to do, large on the screen; what can hurt there stands with it. */
export interface Step {
  do: StepDo;
  hazards: Hazard[];
  /** A timer of so many seconds that belongs to it. */
  timerS?: number;
}
export type StepDo =
  | { code: 'place'; screen: 'none' | 'open' | 'round' }
  | { code: 'water'; waterMl: number }
  | { code: 'snow'; waterMl: number; starter: boolean }
  | { code: 'tin' }
  | { code: 'screwOn' }
  | { code: 'lockPot' }
  | { code: 'remoteDown' }
  | { code: 'dose'; ml: number }
  | { code: 'bottleAway' }
  | { code: 'tablets'; count: number }
  | { code: 'openGel' }
  | { code: 'layWood' }
  | { code: 'pump' }
  | { code: 'prime' }
  | { code: 'light'; family: BurnerFamily }
  | { code: 'bloom' }
  | { code: 'openValve' }
  | { code: 'potOn'; setting: number | null }
  | { code: 'pan'; minutes: number }
  | { code: 'heat'; targetC: number; rolling: boolean }
  | { code: 'hold'; minutes: number; rolling: boolean }
  | { code: 'out'; family: BurnerFamily }
  | { code: 'stirIn'; dryG: number }
  | { code: 'wrap' }
  | { code: 'rest'; minutes: number }
  | { code: 'eat' }
  | { code: 'after'; family: BurnerFamily };

/** How a flame is brought up and what it takes out again, by family of burner; the maker's manual goes before it. */
interface Handling {
  before: (kit: Kit, planned: PlannedMeal) => Step[];
  light: (planned: PlannedMeal) => Step[];
  outHazards: Hazard[];
  afterHazards: Hazard[];
}

const step = (what: StepDo, hazards: Hazard[] = [], timerS?: number): Step => ({
  do: what,
  hazards,
  ...(timerS === undefined ? {} : { timerS }),
});

const GAS: Handling = {
  before: () => [step({ code: 'screwOn' }, ['jointLeaks', 'rightFuel'])],
  light: () => [step({ code: 'light', family: 'canisterTop' }, ['hissMeansGas', 'notBetweenLegs', 'sparkNeedsVapour'])],
  outHazards: ['hissMeansGas'],
  afterHazards: ['coolFirst'],
};
const SPIRIT: Handling = {
  before: (_kit, { dose }) => [
    step({ code: 'dose', ml: dose?.kind === 'alcohol' ? dose.ml : 0 }, ['neverRefuelHot', 'rightFuel']),
    step({ code: 'bottleAway' }, ['bottleAway']),
  ],
  light: () => [
    step({ code: 'light', family: 'openAlcohol' }, ['flameUnseen', 'notBetweenLegs', 'sparkNeedsVapour']),
    step({ code: 'bloom' }, ['flameUnseen', 'neverMoveLit'], COOK_S.bloom),
  ],
  outHazards: ['flameUnseen', 'neverRefuelHot'],
  afterHazards: ['flameUnseen', 'coolFirst'],
};
const HANDLING: Record<Exclude<BurnerFamily, 'none'>, Handling> = {
  canisterTop: GAS,
  regulated: GAS,
  locked: { ...GAS, before: (kit, planned) => [...GAS.before(kit, planned), step({ code: 'lockPot' }, ['levelGround'])] },
  remote: { ...GAS, before: (kit, planned) => [...GAS.before(kit, planned), step({ code: 'remoteDown' }, ['levelGround'])] },
  openAlcohol: SPIRIT,
  simmerAlcohol: SPIRIT,
  tablet: {
    before: (_kit, { dose }) => [step({ code: 'tablets', count: dose?.kind === 'tablets' ? dose.count : 1 }, ['tabletFumes'])],
    light: () => [step({ code: 'light', family: 'tablet' }, ['tabletFumes', 'notBetweenLegs'])],
    outHazards: ['tabletFumes'],
    afterHazards: ['coolFirst', 'cleanHands'],
  },
  liquid: {
    before: () => [step({ code: 'pump' }, ['rightFuel', 'jointLeaks'])],
    light: () => [
      step({ code: 'prime' }, ['primeFlares', 'notBetweenLegs'], COOK_S.prime),
      step({ code: 'openValve' }, ['primeFlares', 'neverMoveLit']),
    ],
    outHazards: ['hissMeansGas'],
    afterHazards: ['pressureOff', 'coolFirst'],
  },
  gel: {
    before: () => [step({ code: 'openGel' }, ['rightFuel'])],
    light: () => [step({ code: 'light', family: 'gel' }, ['flameUnseen', 'notBetweenLegs'])],
    outHazards: ['gelBurnsOn'],
    afterHazards: ['gelBurnsOn', 'coolFirst'],
  },
  wood: {
    before: () => [step({ code: 'layWood' }, ['leaveNoTrace'])],
    light: () => [step({ code: 'light', family: 'wood' }, ['notBetweenLegs'])],
    outHazards: ['embersLast'],
    afterHazards: ['embersLast', 'leaveNoTrace'],
  },
};

/**
 * A dish as steps in the order of doing for the burner that is carried: place and level, water off the stove, fuel, flame, pot, cue, out, food,
 * rest, check, pack. Written for our own kinds of burners (common practice); the maker's manual goes before it.
 */
export function procedureOf(
  trip: Pick<Trip, 'kit'>,
  meal: Meal,
  day: Pick<PlanDay, 'snow' | 'starterWater'>,
  planned: PlannedMeal,
): Step[] {
  const { kit } = trip;
  const burner = burnerById(kit.burnerId);
  if (burner.family === 'none') return [];
  const handling = HANDLING[burner.family];
  const setting = hasShutOff(burner) || burner.family === 'simmerAlcohol' ? kit.flameSetting : null;
  const isFried = meal.target.kind === 'fry';
  return [
    placeStep(kit, burner),
    ...(isFried ? [] : [waterStep(meal, day)]),
    ...fuelSteps(handling, kit, planned),
    ...handling.light(planned),
    step({ code: 'potOn', setting }, ['hotHandles', 'neverMoveLit']),
    ...heatSteps(meal, planned),
    step({ code: 'out', family: burner.family }, handling.outHazards),
    ...(isFried ? [] : restSteps(meal, handling)),
    step({ code: 'eat' }, ['steamScalds', 'cleanHands']),
    step({ code: 'after', family: burner.family }, [...handling.afterHazards, 'animals']),
  ];
}

function placeStep({ windscreen }: Kit, burner: Burner): Step {
  const screen = windscreen === 'none' ? 'none' : isGas(burner) && !wallsInCan(windscreen, burner) ? 'open' : 'round';
  const offCan: Hazard[] = isGas(burner) && screen === 'round' ? ['screenOffCan'] : [];
  return step({ code: 'place', screen }, ['noTent', 'levelGround', ...offCan]);
}

/** How the burner is filled; what is poisonous is said where it is first touched. */
function fuelSteps(handling: Handling, kit: Kit, planned: PlannedMeal): Step[] {
  const poison: Hazard[] = methanolIn(kit) ? ['methanolPoison'] : [];
  return handling.before(kit, planned).map((s, i) => (i === 0 ? { ...s, hazards: [...s.hazards, ...poison] } : s));
}

/** Until it is hot, and what is held after that. */
function heatSteps({ target }: Meal, planned: PlannedMeal): Step[] {
  const { burn, facts } = planned;
  const { holdS, rolling } = facts;
  if (target.kind === 'fry')
    return [step({ code: 'pan', minutes: target.minutes }, ['neverLeave', 'fatBurns', 'hotHandles'], burn.durationS)];
  const heated = step({ code: 'heat', targetC: burn.targetC, rolling }, ['neverLeave', 'boilsOver', 'tired'], heatS(planned));
  return holdS > 0 ? [heated, step({ code: 'hold', minutes: holdS / 60, rolling }, ['boilsOver'], holdS)] : [heated];
}

/** Food into hot water, wrapped up where the method says so, and left to stand. */
function restSteps(meal: Meal, { outHazards }: Handling): Step[] {
  const { dryG, method, restMin } = meal;
  const steps: Step[] = [];
  if (dryG > 0 && meal.simmerMin === 0 && !isTinned(meal)) {
    steps.push(step({ code: 'stirIn', dryG }, ['cleanHands', 'steamScalds']));
    const unseen = outHazards.filter((h) => h === 'flameUnseen');
    if (method === 'boilCozy' || method === 'homeDried') steps.push(step({ code: 'wrap' }, unseen));
  }
  if (restMin > 0) steps.push(step({ code: 'rest', minutes: restMin }, ['hotHandles'], restMin * 60));
  return steps;
}

/** Time until the target is reached: what is held after it has a timer of its own. A burn that fails is not timed. */
const heatS = ({ burn, facts }: PlannedMeal): number | undefined => (isDone(burn) ? Math.max(1, burn.durationS - facts.holdS) : undefined);

function waterStep(meal: Meal, { snow, starterWater }: Pick<PlanDay, 'snow' | 'starterWater'>): Step {
  if (isTinned(meal)) return step({ code: 'tin' }, ['hotHandles']);
  if (snow) return step({ code: 'snow', waterMl: meal.waterMl, starter: starterWater }, ['fillOffStove']);
  return step({ code: 'water', waterMl: meal.waterMl }, ['fillOffStove']);
}

const methanolIn = (kit: Kit): boolean => {
  const fuel = fuelById(kit.fuelId);
  return fuel.kind === 'alcohol' && fuel.mix.methanol > 0.01;
};
