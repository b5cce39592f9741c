import { CRITERIA, type Criterion, type Score } from '../model';

/** What was measured of a kit on this trip, by criterion; what is not known is left out. */
export type Measures = Partial<Record<Criterion, number>>;
/** Criteria of which more is better: hot meals cooked, how far it turns down, the wind it stands. Of the coldest air it runs in, less is. */
const MORE_IS_BETTER: readonly Criterion[] = ['hotMeals', 'simmer', 'wind', 'toBeHad', 'fuss', 'safety'];
export const moreIsBetter = (c: Criterion): boolean => MORE_IS_BETTER.includes(c);
/** Criteria that only the walker can judge. */
export const JUDGED: readonly Criterion[] = ['fuss', 'safety'];
export const MOST_POINTS = 5;

export interface Candidate {
  id: string;
  measures: Measures;
}
export interface Cell {
  /** Points out of five; undefined where nothing is known: it counts as the middle. */
  points: number | undefined;
  /** Typed by the walker rather than measured. */
  judged: boolean;
}
export interface Ranked {
  id: string;
  cells: Record<Criterion, Cell>;
  /** Weighted mean, points out of five. */
  total: number;
}
/** How far one weight must move before the first two change places. */
export interface Turn {
  criterion: Criterion;
  from: number;
  to: number;
  /** The kit that comes first then. */
  first: string;
}
export interface Ranking {
  /** Best first. */
  ranked: Ranked[];
  /** Moves of a single weight that put another kit first, the smallest move first; empty where none within 0–100 does. */
  turns: Turn[];
}

const UNKNOWN_POINTS = MOST_POINTS / 2;

/**
 * Points of every kit by every criterion: the walker's own where typed, else measured ones stretched between the worst (0) and the
 * best (5) of the kits compared. The total is their mean by weight. A kit added or taken away can therefore move the points of others.
 */
export function rank(candidates: readonly Candidate[], score: Pick<Score, 'weights' | 'judged'>): Ranking {
  const cellsOf = (c: Criterion): Map<string, Cell> => {
    const known = candidates.flatMap((k) => k.measures[c] ?? []);
    const worst = moreIsBetter(c) ? Math.min(...known) : Math.max(...known);
    const best = moreIsBetter(c) ? Math.max(...known) : Math.min(...known);
    return new Map(
      candidates.map(({ id, measures }): [string, Cell] => {
        const typed = score.judged[id]?.[c];
        if (typed !== undefined) return [id, { points: typed, judged: true }];
        const value = measures[c];
        const points = value === undefined ? undefined : best === worst ? MOST_POINTS : (MOST_POINTS * (value - worst)) / (best - worst);
        return [id, { points, judged: false }];
      }),
    );
  };
  const byCriterion = Object.fromEntries(CRITERIA.map((c) => [c, cellsOf(c)])) as Record<Criterion, Map<string, Cell>>;
  const ranked = candidates
    .map(({ id }): Ranked => {
      const cells = Object.fromEntries(CRITERIA.map((c) => [c, byCriterion[c].get(id) ?? { points: undefined, judged: false }])) as Record<
        Criterion,
        Cell
      >;
      return { id, cells, total: totalOf(cells, score.weights) };
    })
    .sort((a, b) => b.total - a.total);
  return { ranked, turns: turnsOf(ranked, score.weights) };
}

const pointsOf = (cell: Cell): number => cell.points ?? UNKNOWN_POINTS;

function totalOf(cells: Record<Criterion, Cell>, weights: Score['weights']): number {
  const sum = CRITERIA.reduce((s, c) => s + weights[c], 0);
  return sum === 0 ? 0 : CRITERIA.reduce((s, c) => s + weights[c] * pointsOf(cells[c]), 0) / sum;
}

/**
 * For every other kit and criterion the weight at which it draws level with the first: the lead Σ wᵢ dᵢ falls by dⱼ for each point that
 * weight j grows, so it is gone at wⱼ − lead / dⱼ.
 */
function turnsOf(ranked: readonly Ranked[], weights: Score['weights']): Turn[] {
  const [first, ...others] = ranked;
  if (!first) return [];
  const turns = CRITERIA.flatMap((criterion) => {
    const moves = others.flatMap((other): Turn[] => {
      const gap = (c: Criterion): number => pointsOf(first.cells[c]) - pointsOf(other.cells[c]);
      const lead = CRITERIA.reduce((s, c) => s + weights[c] * gap(c), 0);
      const d = gap(criterion);
      if (Math.abs(d) < 1e-9) return [];
      const to = weights[criterion] - lead / d;
      return to >= 0 && to <= 100 ? [{ criterion, from: weights[criterion], to, first: other.id }] : [];
    });
    return moves.sort((a, b) => Math.abs(a.to - a.from) - Math.abs(b.to - b.from)).slice(0, 1);
  });
  return turns.sort((a, b) => Math.abs(a.to - a.from) - Math.abs(b.to - b.from));
}

/** What one kit would have to be like, in a single measured criterion, to draw level with another. */
export interface ToBeat {
  criterion: Criterion;
  /** The measure it has and the one it would need. */
  from: number;
  to: number;
}

/**
 * Single changes with which `loser` would draw level with `winner` by score, the smallest relative change first. Only those within
 * the span of what was measured can be answered: points are stretched between the kits compared.
 */
export function toBeat(
  candidates: readonly Candidate[],
  score: Pick<Score, 'weights' | 'judged'>,
  loser: string,
  winner: string,
): ToBeat[] {
  const { ranked } = rank(candidates, score);
  const a = ranked.find((r) => r.id === winner);
  const b = ranked.find((r) => r.id === loser);
  const own = candidates.find((c) => c.id === loser);
  if (!a || !b || !own || a.total <= b.total) return [];
  const sum = CRITERIA.reduce((s, c) => s + score.weights[c], 0);
  return CRITERIA.flatMap((criterion): ToBeat[] => {
    const from = own.measures[criterion];
    const weight = score.weights[criterion];
    const cell = b.cells[criterion];
    const known = candidates.flatMap((c) => c.measures[criterion] ?? []);
    const span = Math.max(...known) - Math.min(...known);
    if (from === undefined || weight === 0 || cell.judged || span === 0) return [];
    const points = pointsOf(cell) + ((a.total - b.total) * sum) / weight;
    if (points > MOST_POINTS + 1e-9) return [];
    const step = ((points - pointsOf(cell)) / MOST_POINTS) * span;
    return [{ criterion, from, to: moreIsBetter(criterion) ? from + step : from - step }];
  }).sort((x, y) => relative(x) - relative(y));
}
const relative = ({ from, to }: ToBeat): number => Math.abs(to - from) / Math.max(1e-9, Math.abs(from));
