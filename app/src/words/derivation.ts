import { FLAMES, heatToFuelG, PHASES, POT_BASE, SINKS, type Ledger, type Phase, type Sink } from '@tinder/core/physics/burn';
import { burnerById } from '@tinder/core/domain/catalogue';
import { fuelById } from '@tinder/core/physics/fuel';
import { daysOf, MEALS, type Rack, type Trip } from '@tinder/core/domain/model';
import { type PlannedMeal, countedBurn, type CarryPlan, type Plan } from '@tinder/core/planning/planned';
import { riskLimit, TRIPS_TRIED, UNCALIBRATED_SD } from '@tinder/core/planning/risk';
import type { RiskOfCarry } from '@tinder/core/studies/study';
import { tripOnLeg } from '@tinder/core/domain/trail';
import { formatDuration, wholeNumber } from '@tinder/core/foundation/units';
import { containerWords } from './container-words';
import { edgeWords } from './edge-words';
import type { FigureRef } from './figure-ref';
import type { Format } from './format';
import type { Units } from './units';
import { PART_WORDS } from './part-words';
import { burnerKnownWords, limitWords, oddsWords, spreadWords } from './risk-words';
import { airFrom, burnerFrom, burnerMassFrom, contentFrom, dayValueFrom, potFrom, SOURCE } from './source-words';

/** A figure taken apart: parts that sum to it, how it is computed, and what went in. */
export interface Derivation {
  title: string;
  totalG: number;
  /** What the figure is of: "of fuel, 15 min of stove time". */
  of?: string;
  /** Of a meal: the fuel whose heat goes into water and food, and past the pot, g. */
  streams?: { intoG: number; pastG: number };
  parts: Part[];
  /** Sentences and formulas, in order. */
  how: string[];
  inputs: Input[];
}
/** What went in, and where it comes from. */
export interface Input {
  name: string;
  value: string;
  from: string;
  /** Where the walker can change it; nowhere for what is worked out. */
  changeAt?: ChangePlace;
}
export type ChangePlace = 'day' | 'dish' | 'kit' | 'stove' | 'leg' | 'shelf';
export interface Part {
  label: string;
  massG: number;
  /** What else there is to say of it. */
  note?: string;
  /** Opens further. */
  ref?: FigureRef;
}

const SINK_WORDS: Record<Sink, string> = {
  water: 'into the water',
  pot: 'into the pot',
  food: 'into the food',
  air: 'off the pot to air and wind',
  evaporation: 'off the water as vapour',
  steam: 'as steam at the boil',
  sides: 'up the sides, past the pot',
};
const AFTER_DONE = 'burnt on after the pot was done';
const JOINT = 'lost at the joint';
const SNUFFED = 'boiled off when snuffed';
const PRIMING = 'burnt to prime';
const HELD = 'held at heat: ';
/** Out of the trips that were tried. */
const DRAWN = 'drawn';
const SPREAD = 'on other evenings: relights, and what burns on';

const formatOf =
  (units: Pick<Units, 'text'>): Format =>
  (value, quantity, decimals) =>
    units.text(value, quantity, decimals);

/** Takes a figure apart; undefined when the plan no longer holds it (a day that was cut off, a meal now cold). */
export function derive(
  ref: FigureRef,
  trip: Trip,
  plan: Plan,
  units: Pick<Units, 'text' | 'unit'>,
  riskOf: (carry: CarryPlan) => RiskOfCarry | undefined,
  rack: Pick<Rack, 'bench' | 'shelf'>,
): Derivation | undefined {
  const format = formatOf(units);
  switch (ref.kind) {
    case 'meal': {
      const meal = plan.days[ref.day - 1]?.meals[ref.meal];
      return meal && mealDerivation(meal, tripOnLeg(trip, plan.days[ref.day - 1].leg), format, rack);
    }
    case 'risk': {
      const carry = plan.carries.find((c) => c.fromStopId === ref.stopId);
      const risk = carry && riskOf(carry);
      return risk && riskDerivation(carry, risk, trip, units);
    }
    default: {
      const carry = plan.carries.find((c) => c.fromStopId === ref.stopId);
      return carry && CARRY_DERIVATIONS[ref.kind](carry, tripOnLeg(trip, carry.fromStop), format, rack);
    }
  }
}

const CARRY_DERIVATIONS = { demand: demandDerivation, loadout: loadoutDerivation, start: startDerivation };

/** A cell of the ledger in words. */
function partLabel(phase: Phase, sink: Sink): string {
  if (phase === 'afterDone') return AFTER_DONE;
  if (phase === 'priming') return PRIMING;
  return phase === 'held' ? HELD + SINK_WORDS[sink] : SINK_WORDS[sink];
}

/** Grams by sink over any number of burns, largest first; they sum to the fuel the burns took. */
export function ledgerParts(ledgers: readonly Ledger[]): Part[] {
  const grams = new Map<string, number>();
  const add = (label: string, g: number) => grams.set(label, (grams.get(label) ?? 0) + g);
  for (const { heatJ, unburntG, lhvKJPerG } of ledgers) {
    for (const phase of PHASES) for (const sink of SINKS) add(partLabel(phase, sink), heatToFuelG(heatJ[phase][sink], lhvKJPerG));
    add(JOINT, unburntG.joint);
    add(SNUFFED, unburntG.snuffed);
  }
  return [...grams]
    .map(([label, massG]) => ({ label, massG }))
    .filter((p) => p.massG > 0.005)
    .sort((a, b) => b.massG - a.massG);
}

/** Fuel whose heat goes into these, over all phases, g. */
const sinksG = ({ heatJ, lhvKJPerG }: Ledger, sinks: readonly Sink[]): number =>
  PHASES.reduce((sum, phase) => sum + sinks.reduce((g, sink) => g + heatToFuelG(heatJ[phase][sink], lhvKJPerG), 0), 0);

function mealDerivation(m: PlannedMeal, trip: Trip, format: Format, rack: Pick<Rack, 'bench'>): Derivation {
  const { facts } = m;
  const burn = countedBurn(m);
  const overG = m.fuelG - burn.fuelG;
  const burner = burnerById(trip.kit.burnerId);
  const fuel = fuelById(trip.kit.fuelId);
  const { couple, windDecayPerMps } = FLAMES[facts.flame];
  const { etaMax, fluxScaleWPerM2 } = POT_BASE[facts.pot.base];
  const day = daysOf(trip)[m.day - 1];
  const watts = (w: number) => `${wholeNumber(w)} W`;
  return {
    title: `${PART_WORDS[m.meal]} on day ${m.day}`,
    totalG: m.fuelG,
    of: `of fuel, ${formatDuration(burn.durationS)} of stove time`,
    streams: { intoG: sinksG(burn.ledger, ['water', 'food']), pastG: sinksG(burn.ledger, ['sides']) },
    parts: [...ledgerParts([burn.ledger]), ...(Math.abs(overG) > 0.005 ? [{ label: SPREAD, massG: overG }] : [])],
    how: [
      `Grams = (heat + losses) ÷ heating value, here ${burn.ledger.lhvKJPerG.toFixed(1)} kJ a gram.`,
      'Water and pot warm together: C · dT/dt = P · η − loss to air − vapour, from the start to the target.',
      `η = ${etaMax} × ${couple} ÷ (1 + P ÷ (${fluxScaleWPerM2 / 1000} kW/m² × pot base)) × e^(−${windDecayPerMps} × wind at the flame) = ${(100 * burn.efficiency).toFixed(0)} %.`,
      ...doseSentences(m, format),
      ...(m.edge ? [`As it stands it cannot be cooked. ${edgeWords(m.edge, { text: format })}`] : []),
    ],
    inputs: [
      { name: 'water', value: format(facts.waterMl, 'volume'), from: 'the dish', changeAt: 'dish' },
      { name: 'from', value: startWords(facts.start, format), from: dayValueFrom(day, 'waterC'), changeAt: 'day' },
      {
        name: 'brought to',
        value: `${format(burn.targetC, 'temperature', 1)}${facts.target.kind === 'boil' ? `, the boil at this height` : `; it would boil at ${format(burn.boilC, 'temperature', 1)}`}`,
        from: facts.target.kind === 'boil' ? SOURCE.workedOut : 'the dish',
        changeAt: 'dish',
      },
      { name: 'air', value: format(facts.airC, 'temperature'), from: airFrom(trip, m.day, m.meal), changeAt: 'day' },
      {
        name: 'wind',
        value: `${format(facts.flameWindMps, 'speed')} at the flame, ${format(facts.potWindMps, 'speed')} at the pot`,
        from: `${dayValueFrom(day, 'wind')}, less what the windscreen keeps off`,
        changeAt: 'day',
      },
      { name: 'air pressure', value: `${(facts.pressurePa / 100).toFixed(0)} hPa`, from: 'the height of the camp', changeAt: 'day' },
      {
        name: 'pot',
        value: `Ø ${format(facts.pot.diameterMm, 'length')}, ${format(facts.pot.heightMm, 'length')} high, ${facts.pot.material}, lid ${facts.lidOn ? 'on' : 'off'}`,
        from: potFrom(trip.kit),
        changeAt: 'kit',
      },
      { name: 'stove', value: `${burner.name}, ${watts(burn.meanPowerW)} on average`, from: burnerFrom(trip.kit, rack), changeAt: 'stove' },
      {
        name: 'fuel',
        value: fuel.name,
        from: trip.kit.ownBlend ? 'what your own canister turned out to hold' : SOURCE.catalogue,
        changeAt: 'leg',
      },
      ...(burn.canEndC === undefined
        ? []
        : [
            {
              name: 'canister',
              value: `${format(m.canStartC ?? facts.airC, 'temperature')} at the start, ${format(burn.canEndC, 'temperature', 1)} at the end`,
              from: SOURCE.workedOut,
            },
          ]),
      { name: 'time', value: formatDuration(burn.durationS), from: SOURCE.workedOut },
    ],
  };
}

/** "7 °C", "snow at −4 °C". */
const startWords = (start: PlannedMeal['facts']['start'], format: Format): string =>
  start.kind === 'water' ? format(start.waterC, 'temperature') : `snow at ${format(start.snowC, 'temperature')}`;

function doseSentences({ dose, fuelG }: PlannedMeal, format: Format): string[] {
  if (!dose) return [];
  if (dose.kind === 'alcohol')
    return [
      `Poured: ${format(dose.ml, 'volume')}, the dose that takes least over the day’s spread, ${format(fuelG, 'mass', 1)} on average. It cannot be turned off, so what is over burns on.`,
    ];
  const kept = dose.keptG > 0.05 ? `; ${format(dose.keptG, 'mass', 1)} of the last one is blown out and kept` : '';
  return [`Lit: ${dose.count} ${dose.count === 1 ? 'tablet' : 'tablets'}${kept}.`];
}

function demandDerivation(carry: CarryPlan, trip: Trip, format: Format, rack: Pick<Rack, 'bench'>): Derivation {
  const meals = carry.days.flatMap((d) => MEALS.flatMap((name) => d.meals[name] ?? []));
  return {
    title: `Fuel need, ${carry.from} to ${carry.to}`,
    totalG: carry.demandG,
    parts: meals.map((m) => ({
      label: `day ${m.day}, ${PART_WORDS[m.meal]}`,
      massG: m.fuelG,
      note: m.edge ? 'cannot be cooked so, provided for' : formatDuration(m.burn.durationS),
      ref: { kind: 'meal', day: m.day, meal: m.meal },
    })),
    how: [
      'The sum of every hot meal of the carry, each one simulated in its own day’s conditions.',
      `Over the whole carry the grams go: ${ledgerParts(meals.map((m) => countedBurn(m).ledger))
        .map((p) => `${p.label} ${format(p.massG, 'mass')}`)
        .join('; ')}.`,
    ],
    inputs: [
      { name: 'days', value: `${carry.days.length}, with ${meals.length} hot meals`, from: SOURCE.typed, changeAt: 'day' },
      {
        name: 'reserve asked for',
        value: `${format(trip.reservePercent, 'percent')} = ${format(carry.reserveG, 'mass')}`,
        from: SOURCE.typed,
        changeAt: 'leg',
      },
      { name: 'how well the stove heats', value: burnerById(trip.kit.burnerId).name, from: burnerFrom(trip.kit, rack), changeAt: 'stove' },
    ],
  };
}

function loadoutDerivation(carry: CarryPlan, trip: Trip, format: Format, rack: Pick<Rack, 'shelf'>): Derivation {
  return {
    title: 'Fuel and containers on leaving',
    totalG: carry.fuelG + carry.tareG,
    parts: carry.containers.map((c) => ({
      label: containerWords(c, format),
      massG: c.fuelG + c.tareG,
      note: `${format(c.fuelG, 'mass')} fuel, ${format(c.tareG, 'mass')} empty`,
    })),
    how: [
      `Asked for: ${format(carry.demandG, 'mass')} to burn + ${format(carry.reserveG, 'mass')} reserve = ${format(carry.demandG + carry.reserveG, 'mass')}.`,
      'Chosen together with every other stop for the least carried weight by the measure asked for: what is bought, carried on and left. Alcohol: whole measures in the walker’s own bottles. Tablets: whole ones.',
      `Left over if all goes as expected: ${format(carry.fuelG - carry.demandG, 'mass')}.`,
    ],
    inputs: [
      { name: 'reserve asked for', value: format(trip.reservePercent, 'percent'), from: SOURCE.typed, changeAt: 'leg' },
      ...carry.containers.map((c) => ({
        name: containerWords(c, format),
        value: format(c.fuelG, 'mass'),
        from: contentFrom(c, rack),
        ...(c.own ? { changeAt: 'shelf' as const } : {}),
      })),
      ...carry.containers
        .filter((c) => !c.own)
        .map((c) => ({ name: `empty, ${containerWords(c, format)}`, value: format(c.tareG, 'mass'), from: SOURCE.catalogue })),
    ],
  };
}

/** The fuel that leaves a stop, cut by what it is there for. */
function riskDerivation(carry: CarryPlan, risk: RiskOfCarry, trip: Trip, units: Pick<Units, 'text' | 'unit'>): Derivation {
  const format = formatOf(units);
  const limit = riskLimit(trip);
  const missingG = risk.fuelForLimitG - carry.fuelG;
  const forLimitG = Math.max(0, Math.min(carry.fuelG, risk.fuelForLimitG) - risk.meanG);
  const parts: Part[] = [
    { label: 'Burnt on the mean of all trips drawn', massG: Math.min(risk.meanG, carry.fuelG) },
    {
      label: `Kept for your limit of ${limitWords(limit)}${missingG >= 0.5 ? `, ${format(missingG, 'mass')} short of it` : ''}`,
      massG: forLimitG,
    },
    { label: 'Beyond that', massG: Math.max(0, carry.fuelG - Math.max(risk.fuelForLimitG, risk.meanG)) },
  ];
  return {
    title: `Run-out risk, ${carry.from} to ${carry.to}`,
    totalG: carry.fuelG,
    parts: parts.filter((p) => p.massG > 0.005).sort((a, b) => b.massG - a.massG),
    how: [
      `Chance of burning more than the ${format(carry.fuelG, 'mass')} that leave ${carry.from}: ${oddsWords(risk.runOut)}, from ${wholeNumber(TRIPS_TRIED)} drawn trips.`,
      `The stove, one standard deviation: ${burnerKnownWords(risk.factorSd)}; water, air and wind hold for a leg; a dose is poured before the evening is known. How a meal moves with them comes from the burn model.`,
      `Chance of being out of fuel by the end of ${carry.days.map((d, i) => `day ${d.day}: ${oddsWords(risk.outByDay[i] ?? 0)}`).join('; ')}.`,
    ],
    inputs: [
      { name: 'mean, standard deviation', value: `${format(risk.meanG, 'mass', 1)}, ${format(risk.sdG, 'mass', 1)}`, from: DRAWN },
      { name: 'nine in ten burn', value: `${format(risk.quantilesG[5], 'mass')} to ${format(risk.quantilesG[95], 'mass')}`, from: DRAWN },
      {
        name: 'left on arrival, nine in ten',
        value: `${format(carry.fuelG - risk.quantilesG[95], 'mass')} to ${format(carry.fuelG - risk.quantilesG[5], 'mass')}`,
        from: DRAWN,
      },
      { name: 'needed for the limit', value: format(risk.fuelForLimitG, 'mass'), from: `${DRAWN}, for a limit that is typed` },
      { name: 'of it for not knowing the stove', value: format(risk.unknownBurnerG, 'mass'), from: DRAWN },
      {
        name: 'spreads',
        value: spreadWords(units, risk.factorSd),
        from: risk.factorSd === UNCALIBRATED_SD ? SOURCE.assumed : 'your own burns, the rest assumed',
      },
    ],
  };
}

function startDerivation(carry: CarryPlan, trip: Trip, format: Format): Derivation {
  const { kit } = trip;
  const parts: Part[] = [
    { label: 'Fuel', massG: carry.fuelG, ref: { kind: 'loadout', stopId: carry.fromStopId } },
    { label: 'Empty containers', massG: carry.tareG, ref: { kind: 'loadout', stopId: carry.fromStopId } },
    { label: kit.pot.name, massG: kit.pot.massG },
    { label: burnerById(kit.burnerId).name, massG: kit.burnerMassG },
    { label: 'Windscreen', massG: kit.windscreenMassG },
    { label: 'Lid', massG: kit.lidOn ? kit.pot.lidMassG : 0 },
    { label: 'Lighter, spoon, bag', massG: kit.otherMassG },
  ];
  return {
    title: `Starting weight out of ${carry.from}`,
    totalG: carry.profile.startG,
    parts: parts.filter((p) => p.massG > 0).sort((a, b) => b.massG - a.massG),
    how: ['Everything carried to cook with: fuel, its containers, and the pieces of the kit. Food and water are not in it.'],
    inputs: [
      { name: 'average over the mornings', value: format(carry.profile.averageG, 'mass'), from: SOURCE.workedOut },
      { name: 'gram-days', value: wholeNumber(carry.profile.gramDays), from: SOURCE.workedOut },
      {
        name: 'weight of pot and lid',
        value: format(kit.pot.massG + (kit.lidOn ? kit.pot.lidMassG : 0), 'mass'),
        from: potFrom(kit),
        changeAt: 'kit',
      },
      { name: 'weight of the stove', value: format(kit.burnerMassG, 'mass'), from: burnerMassFrom(kit), changeAt: 'kit' },
      {
        name: 'windscreen, lighter, spoon, bag',
        value: format(kit.windscreenMassG + kit.otherMassG, 'mass'),
        from: SOURCE.typed,
        changeAt: 'kit',
      },
    ],
  };
}
