import type { PotMaterial } from '../../physics/burn';
import { burnerById, FAMILY_FUEL, FAMILY_WINDSCREENS, type Burner } from '../catalogue';
import { done, refused, type Result } from '../../foundation/errors';
import { FUELS, type Fuel } from '../../physics/fuel';
import {
  same,
  hasRole,
  massOfG,
  POT_MATERIALS,
  type Kit,
  type Leg,
  type Piece,
  type Rack,
  type RackKit,
  type Role,
  type Trip,
} from '../model';

/** A kit of the rack with its pieces at hand. */
export interface BuiltKit {
  kit: RackKit;
  pieces: Piece[];
}

/** The pieces of a kit, in its order. */
export function build(rack: Pick<Rack, 'pieces'>, kit: RackKit): BuiltKit {
  const byId = new Map(rack.pieces.map((p) => [p.id, p]));
  return { kit, pieces: kit.pieceIds.flatMap((id) => byId.get(id) ?? []) };
}

/** The piece that does a job: one whose first job it is goes before one that does it besides. */
export const pieceFor = (pieces: readonly Piece[], role: Role): Piece | undefined =>
  pieces.find((p) => p.role === role) ?? pieces.find((p) => hasRole(p, role));

/** Containers are weighed by the load-out of each stop, with what is in them: they are no part of the hardware. */
const weighedWithFuel = (p: Piece): boolean => p.role === 'container';

/** Weight of some pieces without fuel and its containers, each piece once, g. */
export const hardwareOfG = (pieces: readonly Piece[]): number =>
  pieces.filter((p) => !weighedWithFuel(p)).reduce((sum, p) => sum + massOfG(p), 0);

/** What has still to be paid for some pieces; undefined where a price is not known. What is owned or lent costs nothing. */
export function priceToBuy(pieces: readonly Piece[]): number | undefined {
  const toBuy = pieces.filter((p) => p.have === 'wish');
  return toBuy.every((p) => p.price !== null) ? toBuy.reduce((sum, p) => sum + (p.price ?? 0), 0) : undefined;
}

/** What a piece burns: nothing where it is no burner. */
export const fuelKindOf = (p: Piece | undefined): Fuel['kind'] => FAMILY_FUEL[burnerById(p?.burnerId ?? 'none').family];

/** Why a kit of the rack cannot be planned with. */
export interface NotPlannable {
  code: 'noBurner' | 'noPot';
  kitId: string;
}

/**
 * The kit a trip is planned with, from weighed pieces: burner, pot, lid and windscreen as themselves, everything else in one sum.
 * A kit without a burner is one of cold food; it needs no pot.
 */
export function tripKitOf({ kit, pieces }: BuiltKit): Result<Kit, NotPlannable> {
  const burnerPiece = pieceFor(pieces, 'burner');
  const burner = burnerById(burnerPiece?.burnerId ?? 'none');
  const pot = pieceFor(pieces, 'pot');
  if (!burnerPiece && pot) return refused({ code: 'noBurner', kitId: kit.id });
  if (!pot && burner.family !== 'none') return refused({ code: 'noPot', kitId: kit.id });
  const lid = pieceFor(pieces, 'lid');
  const screen = pieces.find((p) => p.windscreen && FAMILY_WINDSCREENS[burner.family].includes(p.windscreen));
  // a piece that does two of these jobs is weighed at the first
  const counted = new Set<Piece>();
  const once = (p: Piece | undefined): number => {
    if (!p || counted.has(p) || weighedWithFuel(p)) return 0;
    counted.add(p);
    return massOfG(p);
  };
  const burnerMassG = once(burnerPiece);
  const potMassG = once(pot);
  const lidMassG = once(lid);
  const windscreenMassG = once(screen);
  const { ownBlend: _, ...habits } = kit.settings;
  return done({
    ...habits,
    ...fuelFor(burner, kit.settings),
    burnerId: burner.id,
    burnerMassG,
    pot: potOf(pot, potMassG, lidMassG),
    lidOn: lid !== undefined,
    windscreen: screen?.windscreen ?? 'none',
    windscreenMassG,
    snuffer: pieces.some((p) => hasRole(p, 'snuffer')),
    measureMl: pieceFor(pieces, 'measure')?.holdsMl ?? kit.settings.measureMl,
    otherMassG: hardwareOfG(pieces.filter((p) => !counted.has(p))),
  });
}

/** The fuel that was chosen, with the blend that was typed for it, where the burner burns it; else the first that it burns. */
function fuelFor(burner: Burner, { fuelId, ownBlend }: RackKit['settings']): Pick<Kit, 'fuelId' | 'ownBlend'> {
  const kind = FAMILY_FUEL[burner.family];
  const fuels = FUELS.filter((f) => f.kind === kind);
  const chosen = fuels.find((f) => f.id === fuelId);
  if (!chosen) return { fuelId: fuels[0]!.id };
  return { fuelId: chosen.id, ...(ownBlend && kind === 'gas' ? { ownBlend } : {}) };
}

/** The pot as the burn model knows it: its inner width, what it is made of; a kit of cold food soaks in a jar. */
function potOf(pot: Piece | undefined, massG: number, lidMassG: number): Kit['pot'] {
  const shape = pot?.shape.kind === 'vessel' ? pot.shape : undefined;
  const material = POT_MATERIALS.find((m: PotMaterial) => m === pot?.material) ?? 'aluminium';
  return {
    name: pot?.name ?? 'jar',
    diameterMm: Math.max(50, shape?.diameterMm ?? 90),
    heightMm: Math.max(20, shape?.heightMm ?? 100),
    massG,
    lidMassG,
    material,
    base: pot?.base ?? 'bare',
  };
}

/** The trip with a kit of the rack in place of its own; what is wrong with the kit where it cannot be planned with. */
export function tripWithKit(trip: Trip, built: BuiltKit): Result<Trip, NotPlannable> {
  const kit = tripKitOf(built);
  return kit.ok ? done({ ...trip, kit: kit.value, rackKitId: built.kit.id }) : kit;
}

/** A kit of the rack as it would be carried on a leg; undefined where it cannot be planned with. */
export function legKitOf(rack: Rack, kit: RackKit): Leg['kit'] {
  const built = tripKitOf(build(rack, kit));
  return built.ok ? { rackKitId: kit.id, kit: built.value } : undefined;
}

/** Is the trip planned with its kit of the rack as that is now? False where it has none. */
export function isInStep(trip: Trip, rack: Pick<Rack, 'pieces' | 'kits'>): boolean {
  const kit = rack.kits.find((k) => k.id === trip.rackKitId);
  const now = kit && tripKitOf(build(rack, kit));
  return now?.ok === true && same(now.value, trip.kit);
}
/** The trip after an edit of the rack: one that was in step with its kit stays so; one changed by hand is left alone. */
export function tripAfterRackEdit(trip: Trip, before: Rack, after: Rack): Trip {
  if (!isInStep(trip, before)) return trip;
  const kit = after.kits.find((k) => k.id === trip.rackKitId);
  const now = kit && tripKitOf(build(after, kit));
  return !now?.ok || same(now.value, trip.kit) ? trip : { ...trip, kit: now.value };
}
