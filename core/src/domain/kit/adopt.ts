import { burntWith, same, type Calibration, type Kit, type Rack, type Trip } from '../model';
import { build, tripKitOf } from './trip-kit';

/** What burn tests have made of a burner goes into every kit with that burner under that pot, and out of it again. */

const isThat = (kit: Kit, of: Calibration['of']): boolean => same(burntWith(kit), of);

function kitWith(kit: Kit, of: Calibration['of'], calibration: Calibration | undefined): Kit {
  if (!isThat(kit, of)) return kit;
  const { calibration: _before, ...plain } = kit;
  return calibration ? { ...plain, calibration } : plain;
}

/** The rack with its kits on that burner as it was found to be, or, without a calibration, as the catalogue has it. */
export const rackWithBurner = (rack: Rack, of: Calibration['of'], calibration?: Calibration): Rack => ({
  ...rack,
  kits: rack.kits.map((k) => {
    const built = tripKitOf(build(rack, k));
    if (!built.ok || !isThat(built.value, of)) return k;
    const { calibration: _before, ...plain } = k.settings;
    return { ...k, settings: calibration ? { ...plain, calibration } : plain };
  }),
});

/** The same of a trip, its own kit and those of its legs. */
export function tripWithBurner(trip: Trip, of: Calibration['of'], calibration?: Calibration): Trip {
  const changed = (kit: Kit): Kit => kitWith(kit, of, calibration);
  const kits = [trip.kit, ...trip.legs.flatMap((l) => l.kit?.kit ?? [])];
  if (!kits.some((k) => isThat(k, of))) return trip;
  return {
    ...trip,
    kit: changed(trip.kit),
    legs: trip.legs.map((l) => (l.kit ? { ...l, kit: { ...l.kit, kit: changed(l.kit.kit) } } : l)),
  };
}
