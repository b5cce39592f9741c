import type { Kit, KitSettings, Piece } from '../../domain/model';
import type { Way } from './cooked-as';
import type { School } from './wish';

/** What a kit comes to on the trip: everything it is judged by. */
export interface Measured {
  /** Carried in the morning, mean over the days, g: what the grams are of. */
  averageG: number;
  hardwareG: number;
  /** Fuel on hand and its containers, means of the mornings, g. */
  fuelG: number;
  containersG: number;
  /** Leaving the first stop, g. */
  startG: number;
  minutesADay: number;
  /** Still to be bought for it; fuel apart. */
  price: number;
  /** Hot meals a day, on the mean. */
  hotADay: number;
  /** Fuel of a day, g. */
  dayG: number;
  demandG: number;
}

/** Why a kit is no answer on this trip: hot meals that stay cold, and on how many of those days its flame is forbidden. */
export interface Fails {
  meals: number;
  bannedDays: number;
}

/** A kit that was found, as it is shown: what it is made of, how its dishes are cooked, and what it comes to. */
export interface FoundKit {
  /** Its place among all candidates: the same for the same question. */
  number: number;
  school: School;
  pieces: readonly Piece[];
  settings: KitSettings;
  way: Way;
  /** What has still to be bought. */
  price: number;
  kit: Kit;
  measured: Measured;
  /** Undefined for an answer. */
  fails: Fails | undefined;
}
