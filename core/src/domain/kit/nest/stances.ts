import type { Shape } from '../../model';

/** An upright cylinder that a piece fits into as it stands or lies. */
export interface Stance {
  diameterMm: number;
  heightMm: number;
}

/** Shapes with a form of their own; what bends or gives is packed otherwise. */
export type Firm = Extract<Shape, { kind: 'cylinder' | 'vessel' | 'box' }>;
export const isFirm = (s: Shape): s is Firm => s.kind !== 'sheet' && s.kind !== 'soft';

const across = (aMm: number, bMm: number): number => Math.hypot(aMm, bMm);

/**
 * The ways a piece can stand or lie, narrowest first; one that is both wider and taller than another is left out.
 * A vessel stands upright, a cylinder also lies, a flat box lies on any of its three faces.
 */
export function stances(shape: Firm): Stance[] {
  const all = ((): Stance[] => {
    switch (shape.kind) {
      case 'vessel':
        return [{ diameterMm: shape.diameterMm, heightMm: shape.heightMm }];
      case 'cylinder':
        return [
          { diameterMm: shape.diameterMm, heightMm: shape.heightMm },
          { diameterMm: across(shape.diameterMm, shape.heightMm), heightMm: shape.diameterMm },
        ];
      case 'box': {
        const { lengthMm: l, widthMm: w, heightMm: h } = shape;
        return [
          { diameterMm: across(l, w), heightMm: h },
          { diameterMm: across(l, h), heightMm: w },
          { diameterMm: across(w, h), heightMm: l },
        ];
      }
    }
  })();
  all.sort((a, b) => a.diameterMm - b.diameterMm || a.heightMm - b.heightMm);
  return all.filter((s, i) => all.slice(0, i).every((narrower) => narrower.heightMm > s.heightMm));
}

/** What a piece takes of a pack by itself, mL. */
export function volumeMl(shape: Shape): number {
  switch (shape.kind) {
    case 'vessel':
    case 'cylinder':
      return (Math.PI * shape.diameterMm ** 2 * shape.heightMm) / 4000;
    case 'box':
      return (shape.lengthMm * shape.widthMm * shape.heightMm) / 1000;
    case 'sheet':
      return (shape.lengthMm * shape.heightMm * shape.thicknessMm) / 1000;
    case 'soft':
      return shape.volumeMl;
  }
}
