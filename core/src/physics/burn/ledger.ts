/** Where the heat of one burn goes: phases × sinks, in joules; the cells sum to fuel burnt × heating value. */
export const PHASES = ['priming', 'heating', 'held', 'afterDone'] as const;
export type Phase = (typeof PHASES)[number];
export const SINKS = ['water', 'pot', 'food', 'air', 'evaporation', 'steam', 'sides'] as const;
export type Sink = (typeof SINKS)[number];
export type HeatMatrix = Record<Phase, Record<Sink, number>>;

/** Fuel that left the container and gave no heat, g. */
export interface UnburntG {
  /** At a canister joint. */
  joint: number;
  /** Boiled off a snuffed burner. */
  snuffed: number;
}

export interface Ledger {
  heatJ: HeatMatrix;
  unburntG: UnburntG;
  /** Heating value used, kJ/g: turns any cell into grams of fuel. */
  lhvKJPerG: number;
}

const emptyRow = (): Record<Sink, number> => ({ water: 0, pot: 0, food: 0, air: 0, evaporation: 0, steam: 0, sides: 0 });

/** A matrix of zeros. */
export function emptyHeatMatrix(): HeatMatrix {
  return { priming: emptyRow(), heating: emptyRow(), held: emptyRow(), afterDone: emptyRow() };
}

/** Sum of one phase, J. */
export function phaseHeatJ(row: Record<Sink, number>): number {
  return SINKS.reduce((sum, sink) => sum + row[sink], 0);
}

/** Sum of all cells, J. */
export function totalHeatJ(matrix: HeatMatrix): number {
  return PHASES.reduce((sum, phase) => sum + phaseHeatJ(matrix[phase]), 0);
}

/** Grams of fuel that a heat stands for. */
export function heatToFuelG(heatJ: number, lhvKJPerG: number): number {
  return heatJ / (lhvKJPerG * 1000);
}

/** Fuel a burn takes out of the stock, g: burnt and unburnt. */
export function ledgerFuelG(ledger: Ledger): number {
  return heatToFuelG(totalHeatJ(ledger.heatJ), ledger.lhvKJPerG) + ledger.unburntG.joint + ledger.unburntG.snuffed;
}
