import highsLoader, { type Highs } from 'highs';
import type { CanSize, CanStage } from '../src/domain/carry';
import { type OwnCan, type PouredStage } from '../src/planning/load-out';

/** The load-out problems written out for a MIP solver (HiGHS), a way of solving them that shares nothing with ours. */

export const loadHighs = (): Promise<Highs> => highsLoader();

const term = (c: number, name: string): string => `${c < 0 ? '-' : '+'} ${Math.abs(c)} ${name}`;
const row = (terms: string[], relation: string): string => `  ${terms.join(' ')} ${relation}`;

/** Cheapest carried weight, or undefined where there is no plan. */
export function solve(highs: Highs, lp: string): number | undefined {
  const { Status, ObjectiveValue } = highs.solve(lp, { mip_rel_gap: 0, mip_abs_gap: 1e-7, output_flag: false });
  if (Status === 'Infeasible') return undefined;
  if (Status !== 'Optimal') throw new Error(`HiGHS says ${Status}`);
  return ObjectiveValue;
}

/** As many of each size may be bought at one stop, in the order of the sizes; the rest would never pay in the trips drawn. */
const MOST_BOUGHT = [5, 3, 2];

/** Own cans are whole grams: a can that holds this much less than a full one is part-used, g. */
const PART_G = 0.5;

/**
 * Cans one by one, each with its own fill; no more than one is in use at the end of a carry, or as many as were when it was begun. Each of the
 * walker's own may come along once, at one of its stages.
 */
export function cansLp(sizes: readonly CanSize[], stages: readonly CanStage[], gramsPerPrice: number, own: readonly OwnCan[] = []): string {
  const objective: string[] = [];
  const rows: string[] = [];
  const binaries: string[] = [];
  const bounds: string[] = [];
  let constant = 0;
  const inUse = stages.map((): string[] => []);
  const begun = stages.map((): string[] => []);
  const inTurn = stages.map((): string[] => []);
  const burnt = stages.map((): string[] => []);
  const onHand = stages.map((): string[] => []);
  /** A can that joins at stage `s` where the binary `b<can>` says so, with so much of its net content in it. */
  const addCan = (can: string, s: number, { netG, tareG }: CanSize, fuelG: number): void => {
    for (let i = s; i < stages.length; i++) {
      const [f, h, u] = [`f${i}_${can}`, `h${i}_${can}`, `u${i}_${can}`];
      const [full, part, was] = [`w${i}_${can}`, `p${i}_${can}`, `v${i}_${can}`];
      binaries.push(h, full, part);
      objective.push(term(stages[i].weight, f), term(stages[i].weight * tareG, h));
      const before = `${i - 1}_${can}`;
      if (i === s) {
        rows.push(row([term(1, h), term(-1, `b${can}`)], '= 0'), row([term(1, f), term(-fuelG, h)], '= 0'));
      } else {
        rows.push(row([term(1, h), term(-1, `h${before}`)], stages[i].bin ? '<= 0' : '= 0'));
        rows.push(row([term(1, f), term(-netG, h)], '<= 0'));
        rows.push(row([term(1, f), term(-1, `f${before}`), term(1, `u${before}`)], '<= 0'));
        rows.push(row([term(1, f), term(-1, `f${before}`), term(1, `u${before}`), term(-netG, h)], `>= ${-netG}`));
      }
      rows.push(row([term(1, u), term(-1, f)], '<= 0'));
      // what is left in it afterwards: all, some, or nothing
      rows.push(row([term(1, f), term(-1, u), term(-netG, full), term(-(netG - PART_G), part)], '<= 0'));
      rows.push(row([term(1, f), term(-1, u), term(-netG, full)], '>= 0'));
      if (own.length) {
        // cans are used up one after another: no more than one is drawn from and not emptied
        const [emptied, drawn] = [`e${i}_${can}`, `d${i}_${can}`];
        binaries.push(emptied, drawn);
        rows.push(row([term(1, u), term(-netG, emptied), term(-netG, drawn)], '<= 0'));
        rows.push(row([term(1, f), term(-1, u), term(netG, emptied)], `<= ${netG}`));
        inTurn[i].push(term(1, drawn));
      }
      if (own.length) {
        binaries.push(was);
        // begun and not empty when the stage is left
        rows.push(row([term(1, was), term(-1, h)], '<= 0'), row([term(1, was), term(-1, f)], '<= 0'));
        if (i > s) rows.push(row([term(1, was), term(-1, `p${before}`)], '<= 0'));
        else if (fuelG > netG - PART_G) bounds.push(`  ${was} = 0`);
        begun[i].push(term(-1, was));
      }
      inUse[i].push(term(1, part));
      burnt[i].push(term(1, u));
      onHand[i].push(term(1, f));
    }
  };
  stages.forEach((at, s) => {
    sizes.forEach((size, k) => {
      if (at.prices[k] === undefined && !at.pinned) return;
      const copies = Array.from({ length: at.pinned ? at.pinned[k] : MOST_BOUGHT[k] }, (_, c) => `${s}_${k}_${c}`);
      copies.forEach((can, c) => {
        binaries.push(`b${can}`);
        objective.push(term((at.prices[k] ?? 0) * gramsPerPrice, `b${can}`));
        if (at.pinned) bounds.push(`  b${can} = 1`);
        else if (c > 0) rows.push(row([term(1, `b${can}`), term(-1, `b${copies[c - 1]}`)], '<= 0'));
        addCan(can, s, size, size.netG);
      });
    });
  });
  own.forEach(({ size, fuelG, stages: at, must }, n) => {
    const ways = at.map((s) => `o${n}_${s}`);
    binaries.push(...ways.map((w) => `b${w}`));
    rows.push(
      row(
        ways.map((w) => term(1, `b${w}`)),
        must ? '= 1' : '<= 1',
      ),
    );
    at.forEach((s, j) => addCan(ways[j], s, sizes[size], fuelG));
  });
  stages.forEach((stage, i) => {
    constant += -stage.burntOff; // what burns off, whatever is carried
    rows.push(row(burnt[i], `= ${stage.burntG}`), row(onHand[i], `>= ${stage.needG}`));
    if (!own.length) {
      rows.push(row(inUse[i], '<= 1'));
      return;
    }
    // one in use, or as many as were begun
    binaries.push(`z${i}`);
    rows.push(row(inTurn[i], '<= 1'));
    rows.push(row([...inUse[i], term(-99, `z${i}`)], '<= 1'), row([...inUse[i], ...begun[i], term(99, `z${i}`)], '<= 99'));
  });
  return lpText(objective, constant, rows, bounds, [], binaries);
}

export interface Bottles {
  stepMl: number;
  tareG: number;
  densityGPerMl: number;
}
/** Fuel by the unit in bottles of equal steps; prices in proportion to the units. */
export function pouredLp(
  unitG: number,
  bottles: Bottles,
  stages: readonly PouredStage[],
  pricePerUnit: readonly (number | undefined)[],
  gramsPerPrice: number,
): string {
  const objective: string[] = [];
  const rows: string[] = [];
  const integers: string[] = [];
  const bounds: string[] = [];
  let constant = 0;
  stages.forEach((stage, i) => {
    constant += -stage.burntOff;
    objective.push(
      term(stage.weight, `f${i}`),
      term(stage.weight * bottles.tareG, `n${i}`),
      term((pricePerUnit[i] ?? 0) * gramsPerPrice, `u${i}`),
    );
    integers.push(`u${i}`, `n${i}`);
    bounds.push(`  0 <= u${i} <= ${pricePerUnit[i] === undefined ? 0 : 2000}`);
    const before = i > 0 ? [term(-1, `f${i - 1}`)] : [];
    rows.push(row([term(1, `f${i}`), ...before, term(-unitG, `u${i}`)], `= ${i > 0 ? -stages[i - 1].burntG : 0}`));
    rows.push(row([term(1, `f${i}`)], `>= ${stage.needG}`));
    rows.push(row([term(1, `f${i}`), term(-bottles.stepMl * bottles.densityGPerMl, `n${i}`)], '<= 0'));
  });
  return lpText(objective, constant, rows, bounds, integers, []);
}

function lpText(objective: string[], constant: number, rows: string[], bounds: string[], integers: string[], binaries: string[]): string {
  return [
    'Minimize',
    // the constant as a variable that is held at one: not every reader of the format takes a bare number
    ` obj: ${objective.join(' ')} ${term(constant, 'one')}`,
    'Subject To',
    ...rows.map((r, i) => ` c${i}:${r}`),
    'Bounds',
    ...bounds,
    '  one = 1',
    ...(integers.length ? ['General', `  ${integers.join(' ')}`] : []),
    ...(binaries.length ? ['Binary', `  ${binaries.join(' ')}`] : []),
    'End',
  ].join('\n');
}
