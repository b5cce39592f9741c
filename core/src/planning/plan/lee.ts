import type { Burn } from '../../physics/burn';

/** Where the wind is kept off. */
export interface Lee {
  /** The largest share of the wind in which a burn is finished. */
  factor: number;
  burn: Burn;
}
/** A lee on a can that gives all the valve asks for. */
export interface WarmLee extends Lee {
  /** The burn on the weakest steady flame that still finishes; the same burn where only a lee helps. */
  weakest: Burn;
}
