import { editRackKit, PIECES, type Hint } from '../src/domain/kit';
import { CRITERIA, type Criterion, type Piece, type Rack } from '../src/domain/model';

/** What tests of the rack take in hand. */

export const kitById = (rack: Rack, id: string) => {
  const found = rack.kits.find((k) => k.id === id);
  if (!found) throw new Error(`no kit ${id}`);
  return found;
};
export const counter = () => {
  let n = 0;
  return () => `new-${++n}`;
};
export const generic = (name: string): Piece => {
  const found = PIECES.find((p) => p.name === name);
  if (!found) throw new Error(`no piece ${name}`);
  return found;
};
export const without = (rack: Rack, kitId: string, name: string): Rack =>
  editRackKit(rack, kitId, (k) => ({ ...k, pieceIds: k.pieceIds.filter((id) => rack.pieces.find((p) => p.id === id)?.name !== name) }));
export const codes = (hints: readonly Hint[]): string[] => hints.map((h) => h.code);
/** No criterion counts. */
export const zero = Object.fromEntries(CRITERIA.map((c) => [c, 0])) as Record<Criterion, number>;
