import { addToKit, build, emptyKit, freeKitName, legKitOf, tripWithKit } from '../../domain/kit';
import type { Rack, RackKit, Trip } from '../../domain/model';
import { withKitOnLeg, withoutLegKits } from '../../domain/trail';
import { allCold, cookedAs } from './cooked-as';
import type { FoundKit } from './found-kit';
import type { AcceptedWays } from './wish';

/** Puts a kit that was found on the rack, with what of it is not there yet as wished for. */
export function takeOnRack(
  rack: Rack,
  { pieces, settings }: Pick<FoundKit, 'pieces' | 'settings'>,
  name: string,
  newId: () => string,
): { rack: Rack; kit: RackKit } {
  const kit = { ...emptyKit(newId(), freeKitName(rack, name)), settings };
  const taken = pieces.reduce<Rack>((r, p) => addToKit(r, kit.id, p, newId), { ...rack, kits: [...rack.kits, kit] });
  return { rack: taken, kit: taken.kits[taken.kits.length - 1]! };
}

/** Different kits on different legs: which one all the way, and where another is carried. */
export interface MixOfKits {
  /** Numbers of kits that were found. */
  base: number;
  legs: readonly { leg: number; number: number }[];
}

/** Puts every kit of a mix on the rack and carries them, leg by leg; as it was where one of them cannot be planned with. */
export function carriedMix(
  { rack, trip }: { rack: Rack; trip: Trip },
  mix: MixOfKits,
  kits: readonly FoundKit[],
  ways: AcceptedWays,
  nameOf: (of: FoundKit) => string,
  newId: () => string,
): { rack: Rack; trip: Trip } {
  const base = kits.find((k) => k.number === mix.base);
  if (!base) return { rack, trip };
  const first = takeOnRack(rack, base, nameOf(base), newId);
  let now = { rack: first.rack, trip: carried(trip, first.rack, first.kit, ways, base) };
  for (const number of new Set(mix.legs.map((l) => l.number))) {
    const other = kits.find((k) => k.number === number);
    if (!other) return { rack, trip };
    const taken = takeOnRack(now.rack, other, nameOf(other), newId);
    const onLeg = legKitOf(taken.rack, taken.kit);
    if (!onLeg) return { rack, trip };
    const legs = mix.legs.filter((l) => l.number === number);
    now = { rack: taken.rack, trip: legs.reduce((t, l) => withKitOnLeg(t, l.leg, onLeg), now.trip) };
  }
  return now;
}

/** The trip with an answer carried all the way and cooked so; as it is where the kit could not be planned with. */
export function carried(trip: Trip, rack: Rack, kit: RackKit, ways: AcceptedWays, answer: Pick<FoundKit, 'school' | 'way'>): Trip {
  const cooked = answer.school === 'cold' ? allCold(trip) : cookedAs(trip, ways, answer.way);
  const planned = tripWithKit(withoutLegKits(cooked), build(rack, kit));
  return planned.ok ? planned.value : trip;
}
