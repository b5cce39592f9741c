import highsLoader, { type Highs } from 'highs';
import { burntOf, loadCost, weightOf, type CanSize, type CanStage, type PouredStage } from '../src/carry';

/** The load-out problems written out for a MIP solver (HiGHS), a way of solving them that shares nothing with ours. */

export const loadHighs = (): Promise<Highs> => highsLoader();

const BIG = 100_000;
const term = (c: number, name: string): string => `${c < 0 ? '-' : '+'} ${Math.abs(c)} ${name}`;
const row = (terms: string[], relation: string): string => `  ${terms.join(' ')} ${relation}`;

/** Cheapest carried weight, or undefined where there is no plan. */
export function solve(highs: Highs, lp: string): number | undefined {
  const { Status, ObjectiveValue } = highs.solve(lp, { mip_rel_gap: 0, mip_abs_gap: 1e-7, output_flag: false });
  if (Status === 'Infeasible') return undefined;
  if (Status !== 'Optimal') throw new Error(`HiGHS says ${Status}`);
  return ObjectiveValue;
}

export function cansLp(sizes: readonly CanSize[], stages: readonly CanStage[], gramsPerPrice: number): string {
  const objective: string[] = [];
  const rows: string[] = [];
  const integers: string[] = [];
  const binaries: string[] = [];
  const bounds: string[] = [];
  let constant = 0;
  const each = (of: (k: number) => string): string[] => sizes.map((_, k) => of(k));
  stages.forEach((stage, i) => {
    constant += loadCost(stage, 0, 0); // what burns off, whatever is carried
    objective.push(term(weightOf(stage), `f${i}`));
    sizes.forEach((size, k) => {
      objective.push(term(weightOf(stage) * size.tareG, `h${i}_${k}`), term((stage.prices[k] ?? 0) * gramsPerPrice, `b${i}_${k}`));
      integers.push(`b${i}_${k}`, `e${i}_${k}`, `h${i}_${k}`);
      const most = stage.prices[k] === undefined ? 0 : 40;
      bounds.push(
        stage.pinned ? `  b${i}_${k} = ${stage.pinned[k]}` : `  0 <= b${i}_${k} <= ${most}`,
        `  0 <= e${i}_${k} <= ${stage.bin && i > 0 ? 40 : 0}`,
      );
      // held now = held before − left + bought; no more is left than was held
      const before = i > 0 ? [term(-1, `h${i - 1}_${k}`)] : [];
      rows.push(row([term(1, `h${i}_${k}`), ...before, term(1, `e${i}_${k}`), term(-1, `b${i}_${k}`)], '= 0'));
      if (i > 0) rows.push(row([term(1, `e${i}_${k}`), term(-1, `h${i - 1}_${k}`)], '<= 0'));
    });
    // fuel after leaving cans is the smaller of what arrived and what the kept ones hold
    if (i === 0) rows.push(row([term(1, 'g0')], '= 0'));
    else {
      const burnt = burntOf(stages[i - 1]);
      const kept = each((k) => `${term(-sizes[k].netG, `h${i - 1}_${k}`)} ${term(sizes[k].netG, `e${i}_${k}`)}`);
      rows.push(row([term(1, `g${i}`), term(-1, `f${i - 1}`)], `<= ${-burnt}`));
      rows.push(row([term(1, `g${i}`), ...kept], '<= 0'));
      rows.push(row([term(1, `g${i}`), term(-1, `f${i - 1}`), term(BIG, `d${i}`)], `>= ${-burnt}`));
      rows.push(row([term(1, `g${i}`), ...kept, term(-BIG, `d${i}`)], `>= ${-BIG}`));
      binaries.push(`d${i}`);
    }
    rows.push(row([term(1, `f${i}`), term(-1, `g${i}`), ...each((k) => term(-sizes[k].netG, `b${i}_${k}`))], '= 0'));
    rows.push(row([term(1, `f${i}`)], `>= ${stage.needG}`));
  });
  return lpText(objective, constant, rows, bounds, integers, binaries);
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
    constant += loadCost(stage, 0, 0);
    objective.push(
      term(weightOf(stage), `f${i}`),
      term(weightOf(stage) * bottles.tareG, `n${i}`),
      term((pricePerUnit[i] ?? 0) * gramsPerPrice, `u${i}`),
    );
    integers.push(`u${i}`, `n${i}`);
    bounds.push(`  0 <= u${i} <= ${pricePerUnit[i] === undefined ? 0 : 2000}`);
    const before = i > 0 ? [term(-1, `f${i - 1}`)] : [];
    rows.push(row([term(1, `f${i}`), ...before, term(-unitG, `u${i}`)], `= ${i > 0 ? -burntOf(stages[i - 1]) : 0}`));
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
    'General',
    `  ${integers.join(' ')}`,
    ...(binaries.length ? ['Binary', `  ${binaries.join(' ')}`] : []),
    'End',
  ].join('\n');
}
