import { placeDiscs, type Spot } from './discs';
import type { Stance } from './stances';

/** A piece as it stands in a room. */
export interface Placed extends Spot, Stance {
  /** Index of the piece. */
  piece: number;
  /** Its foot above the room's floor, mm. */
  zMm: number;
}

/** A pile of pieces: as narrow as its widest, as tall as all of them. */
interface Pile {
  mask: number;
  diameterMm: number;
  heightMm: number;
}
interface Layer {
  mask: number;
  piles: Pile[];
  heightMm: number;
}
interface Stack {
  heightMm: number;
  layers: Layer[];
}

const NOTHING: Stack = { heightMm: 0, layers: [] };
const DOES_NOT_FIT: Stack = { heightMm: Number.POSITIVE_INFINITY, layers: [] };

/** What stands lower: the larger cylinder. */
const bulkOf = (s: Stance): number => s.diameterMm ** 2 * s.heightMm;

/** The pieces of a set, as indices. */
function members(mask: number): number[] {
  const list: number[] = [];
  for (let i = 0; mask >> i; i++) if ((mask >> i) & 1) list.push(i);
  return list;
}

/**
 * The lowest way to pack sets of pieces into round rooms: layers one above the other, in each up to three piles side by side. Exact
 * within that form: every split into layers, every split of a layer into piles and every stance is tried, each set once.
 */
export class Stacker {
  private readonly piles = new Map<number, Pile[]>();

  constructor(private readonly pieces: readonly (readonly Stance[])[]) {}

  /** A packer for a room of that width; sets are bit masks of piece indices. */
  room(diameterMm: number): { lowestMm: (mask: number) => number; place: (mask: number) => Placed[] } {
    const layers = new Map<number, Layer | undefined>();
    const stacks = new Map<number, Stack>([[0, NOTHING]]);
    const layer = (mask: number): Layer | undefined => {
      if (!layers.has(mask)) layers.set(mask, this.lowestLayer(mask, diameterMm / 2));
      return layers.get(mask);
    };
    const stack = (mask: number): Stack => {
      const known = stacks.get(mask);
      if (known) return known;
      let best = DOES_NOT_FIT;
      const lowest = mask & -mask;
      const rest = mask ^ lowest;
      // every layer that holds the first piece, with the best of what is left
      for (let sub = rest; ; sub = (sub - 1) & rest) {
        const here = layer(sub | lowest);
        if (here && here.heightMm < best.heightMm) {
          const above = stack(rest ^ sub);
          if (here.heightMm + above.heightMm < best.heightMm)
            best = { heightMm: here.heightMm + above.heightMm, layers: [here, ...above.layers] };
        }
        if (sub === 0) break;
      }
      stacks.set(mask, best);
      return best;
    };
    return { lowestMm: (mask) => stack(mask).heightMm, place: (mask) => this.lay(stack(mask).layers, diameterMm / 2) };
  }

  /** Every pile of a set worth looking at, narrowest first. */
  private pilesOf(mask: number): Pile[] {
    const known = this.piles.get(mask);
    if (known) return known;
    const list = members(mask);
    const widths = [...new Set(list.flatMap((i) => this.pieces[i]!.map((s) => s.diameterMm)))].sort((a, b) => a - b);
    const piles: Pile[] = [];
    for (const diameterMm of widths) {
      const lowest = list.map((i) => this.stanceWithin(i, diameterMm));
      if (lowest.some((s) => !s)) continue;
      const heightMm = lowest.reduce((sum, s) => sum + (s?.heightMm ?? 0), 0);
      if (heightMm < (piles.at(-1)?.heightMm ?? Number.POSITIVE_INFINITY)) piles.push({ mask, diameterMm, heightMm });
    }
    this.piles.set(mask, piles);
    return piles;
  }

  /** The lowest stance of a piece that is no wider; stances run from narrow and tall to wide and low. */
  private stanceWithin(piece: number, diameterMm: number): Stance | undefined {
    return this.pieces[piece]!.findLast((s) => s.diameterMm <= diameterMm);
  }

  private lowestLayer(mask: number, roomMm: number): Layer | undefined {
    let best: Layer | undefined;
    const consider = (piles: Pile[]): void => {
      const heightMm = Math.max(...piles.map((p) => p.heightMm));
      if (best && heightMm >= best.heightMm) return;
      if (
        placeDiscs(
          piles.map((p) => p.diameterMm / 2),
          roomMm,
        )
      )
        best = { mask, piles, heightMm };
    };
    const first = mask & -mask;
    const others = mask ^ first;
    for (let a = others; ; a = (a - 1) & others) {
      const left = others ^ a;
      for (const one of this.pilesOf(first | a)) {
        if (!left) consider([one]);
        else {
          const second = left & -left;
          const more = left ^ second;
          for (let b = more; ; b = (b - 1) & more) {
            const third = more ^ b;
            for (const two of this.pilesOf(second | b))
              if (!third) consider([one, two]);
              else for (const three of this.pilesOf(third)) consider([one, two, three]);
            if (b === 0) break;
          }
        }
      }
      if (a === 0) break;
    }
    return best;
  }

  /** Puts the bulkiest layer at the bottom, and in a pile the bulkiest piece. */
  private lay(layers: readonly Layer[], roomMm: number): Placed[] {
    const bulk = (l: Layer): number => l.piles.reduce((sum, p) => sum + bulkOf(p), 0);
    const placed: Placed[] = [];
    let floorMm = 0;
    for (const layer of [...layers].sort((a, b) => bulk(b) - bulk(a))) {
      const spots =
        placeDiscs(
          layer.piles.map((p) => p.diameterMm / 2),
          roomMm,
        ) ?? [];
      layer.piles.forEach((pile, i) => {
        let zMm = floorMm;
        const pieces = members(pile.mask).flatMap((piece) => {
          const stance = this.stanceWithin(piece, pile.diameterMm);
          return stance ? [{ piece, ...stance }] : [];
        });
        for (const p of pieces.sort((a, b) => bulkOf(b) - bulkOf(a))) {
          placed.push({ ...p, ...spots[i]!, zMm });
          zMm += p.heightMm;
        }
      });
      floorMm += layer.heightMm;
    }
    return placed;
  }
}
