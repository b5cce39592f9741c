import type { PackItem } from './packing-list';

/** A part of the column of weights: a whole item, or the container or the fuel of one. */
export interface WeightPart {
  id: string;
  massG: number;
  ticked: boolean;
  fuel: boolean;
}

/**
 * The starting weight of a list part by part, g: what is ticked first, then the rest, each in the order of the list. Food and water are left out, as in
 * the starting weight. A container counts as two parts, itself and its fuel.
 */
export function packedSoFar(
  items: readonly PackItem[],
  isTicked: (id: string) => boolean,
): { allG: number; packedG: number; parts: WeightPart[] } {
  const parts = items
    .filter((i) => i.group === 'kit' || i.group === 'fuel')
    .flatMap((i): WeightPart[] => {
      const ticked = isTicked(i.id);
      const tareG = i.container?.tareG;
      if (tareG === undefined) return [{ id: i.id, massG: i.massG, ticked, fuel: false }];
      return [
        { id: `${i.id} empty`, massG: tareG, ticked, fuel: false },
        { id: i.id, massG: i.massG - tareG, ticked, fuel: true },
      ];
    });
  const ticked = parts.filter((p) => p.ticked);
  const sumG = (of: readonly WeightPart[]): number => of.reduce((sum, p) => sum + p.massG, 0);
  return { allG: sumG(parts), packedG: sumG(ticked), parts: [...ticked, ...parts.filter((p) => !p.ticked)] };
}
