import { isDone } from '../../physics/burn';
import { burnerById, hasShutOff, isGas, wallsInCan, type BurnerFamily } from '../../domain/catalogue';
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
  const { burn, facts } = planned;
  const setting = hasShutOff(burner) || burner.family === 'simmerAlcohol' ? kit.flameSetting : null;
  const fried = meal.target.kind === 'fry';
  const poison: Hazard[] = methanolIn(kit) ? ['methanolPoison'] : [];
  const screen = kit.windscreen === 'none' ? 'none' : isGas(burner) && !wallsInCan(kit.windscreen, burner) ? 'open' : 'round';
  const heated: Step = fried
    ? step(
        { code: 'pan', minutes: meal.target.kind === 'fry' ? meal.target.minutes : 0 },
        ['neverLeave', 'fatBurns', 'hotHandles'],
        burn.durationS,
      )
    : step({ code: 'heat', targetC: burn.targetC, rolling: facts.rolling }, ['neverLeave', 'boilsOver', 'tired'], heatS(planned));
  const hold =
    facts.holdS > 0 && !fried
      ? [step({ code: 'hold', minutes: facts.holdS / 60, rolling: facts.rolling }, ['boilsOver'], facts.holdS)]
      : [];
  const food = meal.dryG > 0 && !fried && meal.simmerMin === 0 && !isTinned(meal);
  return [
    step({ code: 'place', screen }, ['noTent', 'levelGround', ...(isGas(burner) && screen === 'round' ? (['screenOffCan'] as const) : [])]),
    ...(fried ? [] : [waterStep(meal, day)]),
    ...handling.before(kit, planned).map((s, i) => (i === 0 ? { ...s, hazards: [...s.hazards, ...poison] } : s)),
    ...handling.light(planned),
    step({ code: 'potOn', setting }, ['hotHandles', 'neverMoveLit']),
    heated,
    ...hold,
    step({ code: 'out', family: burner.family }, handling.outHazards),
    ...(food ? [step({ code: 'stirIn', dryG: meal.dryG }, ['cleanHands', 'steamScalds'])] : []),
    ...(food && (meal.method === 'boilCozy' || meal.method === 'homeDried')
      ? [
          step(
            { code: 'wrap' },
            handling.outHazards.filter((h) => h === 'flameUnseen'),
          ),
        ]
      : []),
    ...(meal.restMin > 0 && !fried ? [step({ code: 'rest', minutes: meal.restMin }, ['hotHandles'], meal.restMin * 60)] : []),
    step({ code: 'eat' }, ['steamScalds', 'cleanHands']),
    step({ code: 'after', family: burner.family }, [...handling.afterHazards, 'animals']),
  ];
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
