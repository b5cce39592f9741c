import type { BurnerFamily } from '../catalogue';
import type { Ignites, Ignition, Piece, Rack } from '../model';

type Row = Record<Ignition, Ignites>;
const row = (lighter: Ignites, piezo: Ignites, match: Ignites, stormMatch: Ignites, spark: Ignites, arc: Ignites): Row => ({
  lighter,
  piezo,
  match,
  stormMatch,
  spark,
  arc,
});
const GAS = row('dry', 'dry', 'dry', 'damp', 'damp', 'dry');
const SPIRIT = row('dry', 'no', 'dry', 'damp', 'damp', 'dry');

/**
 * Which ignition lights which burner, damp or only dry (common practice, no source: wet lighters and plain matches fail, a spark
 * lights gas and warm spirit even wet but no tablet, a piezo wears and hates damp and height). The walker may overrule every cell.
 */
export const USUAL_IGNITES: Record<BurnerFamily, Row> = {
  canisterTop: GAS,
  regulated: GAS,
  remote: GAS,
  locked: GAS,
  openAlcohol: SPIRIT,
  simmerAlcohol: SPIRIT,
  gel: SPIRIT,
  tablet: row('dry', 'no', 'dry', 'damp', 'no', 'no'),
  liquid: row('dry', 'no', 'dry', 'damp', 'damp', 'no'),
  wood: row('dry', 'no', 'dry', 'damp', 'damp', 'no'),
  none: row('no', 'no', 'no', 'no', 'no', 'no'),
};

/** Does it light that burner? The walker's own word goes first. */
export const ignitesOf = (rack: Pick<Rack, 'ignites'>, family: BurnerFamily, ignition: Ignition): Ignites =>
  rack.ignites[family]?.[ignition] ?? USUAL_IGNITES[family][ignition];

/** The ignitions among some pieces that light that burner, with how. */
export function lightersOf(rack: Pick<Rack, 'ignites'>, family: BurnerFamily, pieces: readonly Piece[]): { piece: Piece; how: Ignites }[] {
  return pieces
    .flatMap((piece) => (piece.ignition ? [{ piece, how: ignitesOf(rack, family, piece.ignition) }] : []))
    .filter((l) => l.how !== 'no');
}
