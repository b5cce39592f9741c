import { besideBench, besideShelf, type Piece, type Rack } from '../model';
import { freeKitName } from './rack';

/** Pieces and kits of another rack beside those here; what is here already stays as it is, and scores of new kits come along. */
export function besideRack(here: Rack, other: Rack, newId: () => string): Rack {
  const same = (a: Piece, b: Piece): boolean => a.name === b.name && a.role === b.role && a.massG === b.massG;
  const ids = new Map<string, string>();
  const pieces = [...here.pieces];
  for (const p of other.pieces) {
    const twin = here.pieces.find((h) => same(h, p));
    const id = twin?.id ?? (here.pieces.some((h) => h.id === p.id) ? newId() : p.id);
    ids.set(p.id, id);
    if (!twin) pieces.push({ ...p, id });
  }
  const mapped = (list: readonly string[]): string[] => list.map((id) => ids.get(id) ?? id);
  let rack: Rack = { ...here, pieces };
  for (const k of other.kits) {
    const kit = { ...k, pieceIds: mapped(k.pieceIds), outside: mapped(k.outside) };
    if (rack.kits.some((h) => h.name === kit.name && h.pieceIds.join() === kit.pieceIds.join())) continue;
    const id = rack.kits.some((h) => h.id === k.id) ? newId() : k.id;
    const judged = other.score.judged[k.id];
    rack = {
      ...rack,
      kits: [...rack.kits, { ...kit, id, name: freeKitName(rack, kit.name) }],
      score: judged ? { ...rack.score, judged: { ...rack.score.judged, [id]: judged } } : rack.score,
    };
  }
  const diary = [...rack.diary, ...other.diary.filter((d) => !rack.diary.some((h) => h.id === d.id))];
  return { ...rack, diary, shelf: besideShelf(here.shelf, other.shelf, newId), bench: besideBench(here.bench, other.bench) };
}
