import { done, refused, type Result } from '../errors';
import type { BlendByMass } from '../fuel';
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
  if (roomG <= 0) return refused({ code: 'full' });
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
