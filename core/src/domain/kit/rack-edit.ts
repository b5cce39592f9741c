import { burnerById, WINDSCREEN_MASS_G } from '../catalogue';
import { massOfG, pieceSchema, type Kit, type KitSettings, type Piece, type Rack, type RackKit, type Role, type Trip } from '../model';
import { PIECES } from './piece-catalogue';
import { freeKitName, STARTING_SETTINGS } from './rack';

/** The lightest of some pieces; undefined where there is none. */
export const lightestOf = (pieces: readonly Piece[]): Piece | undefined => [...pieces].sort((a, b) => massOfG(a) - massOfG(b))[0];

/** Changes the kit of that id. */
export const editRackKit = (rack: Rack, id: string, change: (k: RackKit) => RackKit): Rack => ({
  ...rack,
  kits: rack.kits.map((k) => (k.id === id ? change(k) : k)),
});

/** Changes the piece of that id, everywhere it is used. */
export const editPiece = (rack: Rack, id: string, change: Partial<Piece>): Rack => ({
  ...rack,
  pieces: rack.pieces.map((p) => (p.id === id ? { ...p, ...change } : p)),
});

/** Pieces new to the rack, put into a kit beside what is in it, or in the place of whatever does the same job there. */
export function putIntoKit(rack: Rack, kitId: string, fresh: readonly Piece[], how: 'add' | 'replace'): Rack {
  const jobs = new Set(how === 'replace' ? fresh.map((p) => p.role) : []);
  const goes = new Set(rack.pieces.filter((p) => jobs.has(p.role)).map((p) => p.id));
  const onRack = { ...rack, pieces: [...rack.pieces, ...fresh] };
  return editRackKit(onRack, kitId, (k) => ({
    ...k,
    pieceIds: [...k.pieceIds.filter((id) => !goes.has(id)), ...fresh.map((p) => p.id)],
    outside: k.outside.filter((id) => !goes.has(id)),
  }));
}

/** Pieces of that job that the walker has at hand and that are not in the kit. */
export const atHandInstead = (rack: Rack, kit: RackKit, role: Role): Piece[] =>
  rack.pieces.filter((p) => p.role === role && p.have !== 'wish' && !kit.pieceIds.includes(p.id));

/** Takes a piece off the rack and out of every kit. */
export const removePiece = (rack: Rack, id: string): Rack => ({
  ...rack,
  pieces: rack.pieces.filter((p) => p.id !== id),
  kits: rack.kits.map((k) => ({ ...k, pieceIds: k.pieceIds.filter((p) => p !== id), outside: k.outside.filter((p) => p !== id) })),
});

/** A kit with nothing in it and the usual habits. */
export const emptyKit = (id: string, name: string): RackKit => ({
  id,
  name,
  pieceIds: [],
  outside: [],
  settings: STARTING_SETTINGS,
  keepBecause: '',
});

/** Adds an empty kit, or a copy of another to be varied. */
export function addRackKit(rack: Rack, id: string, like?: RackKit): Rack {
  const kit = { ...(like ?? emptyKit(id, '')), id, name: freeKitName(rack, like ? `${like.name}, varied` : 'new kit'), keepBecause: '' };
  return { ...rack, kits: [...rack.kits, kit] };
}

/** Takes a kit off the rack with its scores; its pieces stay. */
export function removeRackKit(rack: Rack, id: string): Rack {
  const { [id]: _gone, ...judged } = rack.score.judged;
  const score = { ...rack.score, judged, compared: rack.score.compared.filter((k) => k !== id) };
  return { ...rack, kits: rack.kits.filter((k) => k.id !== id), score };
}

/** The kit that a trip is planned with, taken apart into pieces and put onto the rack. */
export function rackWithTripKit(rack: Rack, { kit, name }: Pick<Trip, 'kit' | 'name'>, newId: () => string): { rack: Rack; kitId: string } {
  const burner = burnerById(kit.burnerId);
  const like = (role: Piece['role'], fits: (p: Piece) => boolean): Piece | undefined => PIECES.find((p) => p.role === role && fits(p));
  const own = (values: Partial<Piece> & Pick<Piece, 'name' | 'role' | 'massG'>): Piece =>
    pieceSchema.parse({ ...values, id: newId(), have: 'own' });
  const taken = (piece: Piece | undefined, massG: number, fallback: () => Piece): Piece =>
    piece ? { ...piece, id: newId(), have: 'own', massG } : fallback();
  const pieces: Piece[] = [];
  if (burner.family !== 'none')
    pieces.push(
      taken(
        like('burner', (p) => p.burnerId === burner.id),
        kit.burnerMassG,
        () => own({ name: burner.name, role: 'burner', massG: kit.burnerMassG, burnerId: burner.id }),
      ),
    );
  const { pot } = kit;
  pieces.push(
    taken(
      like('pot', (p) => p.name === pot.name),
      pot.massG,
      () =>
        own({
          name: pot.name,
          role: 'pot',
          massG: pot.massG,
          material: pot.material,
          base: pot.base,
          shape: {
            kind: 'vessel',
            diameterMm: pot.diameterMm,
            heightMm: pot.heightMm,
            innerDiameterMm: pot.diameterMm - 1,
            innerHeightMm: pot.heightMm - 1,
          },
        }),
    ),
  );
  if (kit.lidOn)
    pieces.push(
      taken(
        like('lid', (p) => p.name === `lid of the ${pot.name}`),
        pot.lidMassG,
        () =>
          own({
            name: `lid of the ${pot.name}`,
            role: 'lid',
            massG: pot.lidMassG,
            shape: { kind: 'cylinder', diameterMm: pot.diameterMm + 2, heightMm: 8 },
          }),
      ),
    );
  if (kit.windscreen !== 'none')
    pieces.push(
      taken(
        like('windscreen', (p) => p.windscreen === kit.windscreen),
        kit.windscreenMassG,
        () => own({ name: kit.windscreen, role: 'windscreen', massG: WINDSCREEN_MASS_G[kit.windscreen], windscreen: kit.windscreen }),
      ),
    );
  if (kit.otherMassG > 0)
    pieces.push(own({ name: 'lighter, spoon, bag', role: 'repair', massG: kit.otherMassG, shape: { kind: 'soft', volumeMl: 120 } }));
  const id = newId();
  const withKit = addRackKit({ ...rack, pieces: [...rack.pieces, ...pieces] }, id);
  const named = editRackKit(withKit, id, (k) => ({
    ...k,
    name: freeKitName(rack, `kit of ${name}`),
    pieceIds: pieces.map((p) => p.id),
    settings: settingsOf(kit),
  }));
  return { rack: named, kitId: id };
}

/** The habits in a trip's kit, without its pieces. */
export const settingsOf = (kit: Kit): KitSettings => ({
  fuelId: kit.fuelId,
  flameSetting: kit.flameSetting,
  measureMl: kit.measureMl,
  canWarming: kit.canWarming,
  sleeveOn: kit.sleeveOn,
  headFactor: kit.headFactor,
  potHeightMm: kit.potHeightMm,
  screenGapMm: kit.screenGapMm,
  ...(kit.ownBlend ? { ownBlend: kit.ownBlend } : {}),
  ...(kit.calibration ? { calibration: kit.calibration } : {}),
});
