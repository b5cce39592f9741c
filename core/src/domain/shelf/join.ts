import { done, refused, type Result } from '../../foundation/errors';
import type { BlendByMass } from '../../physics/fuel';
import type { ShelfItem } from '../model';
import { roomMl } from './sizes';
import { stockOf } from './stock';
import { lastVapourG } from './vapour';

/** A can whose content may be poured over, or that takes it. */
export interface JoinedCan {
  /** Rated content, g: never filled above it. */
  netG: number;
  volumeMl: number;
  fuelG: number;
  /** What it was sold as; only the same goes together. */
  soldAs: string;
  /** Its liquid now, by mass. */
  blend: BlendByMass;
}

/** Less room than this is none, g. */
const HAIR_G = 0.1;

/** Why two cans are not joined. */
export type NotJoined = { code: 'otherBlend' } | { code: 'full' } | { code: 'onlyVapour'; fuelG: number };

/** What one pass moves at most, and what both cans hold after it. */
export interface Joined {
  movedG: number;
  senderG: number;
  receiverG: number;
  /** The receiver's liquid after it, by mass. */
  blend: BlendByMass;
}

/**
 * Liquid poured from one can into a colder one below it: as much as the receiver's rated content still takes, and at most until the sender
 * holds vapour only, at `senderC`. (Many makers and places forbid it; the cautions are said where it is offered.)
 */
export function joined(sender: JoinedCan, receiver: JoinedCan, senderC: number): Result<Joined, NotJoined> {
  if (sender.soldAs !== receiver.soldAs) return refused({ code: 'otherBlend' });
  const roomG = receiver.netG - receiver.fuelG;
  if (roomG < HAIR_G) return refused({ code: 'full' });
  const liquidG = sender.fuelG - lastVapourG(sender.volumeMl, sender.blend, senderC);
  if (liquidG <= 0) return refused({ code: 'onlyVapour', fuelG: sender.fuelG });
  const movedG = Math.min(roomG, liquidG);
  const receiverG = receiver.fuelG + movedG;
  const mixed = (gas: keyof BlendByMass): number => (receiver.fuelG * receiver.blend[gas] + movedG * sender.blend[gas]) / receiverG;
  return done({
    movedG,
    senderG: sender.fuelG - movedG,
    receiverG,
    blend: { propane: mixed('propane'), isobutane: mixed('isobutane'), nButane: mixed('nButane') },
  });
}

/** A pass of a plan to join leftovers: out of which can, and what is then in both. */
export interface JoinPass extends Joined {
  senderId: string;
}
export interface JoinPlan {
  passes: JoinPass[];
  /** Cans that give nothing, and why. */
  idle: { id: string; why: NotJoined }[];
}

/** Leftovers poured into one can, the emptiest first: every sender that is emptied is one can less to carry. At `senderC` all of them. */
export function joinPlan(receiver: ShelfItem, senders: readonly ShelfItem[], senderC: number): JoinPlan {
  let into = asJoined(receiver);
  const passes: JoinPass[] = [];
  const idle: JoinPlan['idle'] = [];
  const order = [...senders].sort((a, b) => stockOf(a).left.massG - stockOf(b).left.massG);
  for (const sender of order) {
    const pass = joined(asJoined(sender), into, senderC);
    if (!pass.ok) idle.push({ id: sender.id, why: pass.problem });
    else {
      passes.push({ senderId: sender.id, ...pass.value });
      into = { ...into, fuelG: pass.value.receiverG, blend: pass.value.blend };
    }
  }
  return { passes, idle };
}

function asJoined(item: ShelfItem): JoinedCan {
  const { left, blend } = stockOf(item);
  const { propane, isobutane, nButane } = item.ownBlend ?? { propane: '', isobutane: '', nButane: '' };
  return {
    netG: item.netG,
    volumeMl: roomMl(item),
    fuelG: left.massG,
    soldAs: [item.fuelId, propane, isobutane, nButane].join(),
    blend: blend ?? { propane: 0, isobutane: 1, nButane: 0 },
  };
}

/** How many cans must be emptied this way before a valve has paid for itself, where one pass saves `movedG` at so much a gram; undefined for never. */
export const paybackCans = (valvePrice: number, movedG: number, pricePerG: number): number | undefined =>
  movedG > 0 && pricePerG > 0 ? Math.ceil(valvePrice / (movedG * pricePerG) - 1e-9) : undefined;

/** Price of a gram as it was bought; undefined where the price is not known. */
export const pricePerG = ({ price, netG }: Pick<ShelfItem, 'price' | 'netG'>): number | undefined =>
  price === null ? undefined : price / netG;
