import type { WindscreenKind } from '../../physics/burn';
import { asKitPot, burnerById, FAMILY_FUEL, FAMILY_WINDSCREENS, potById, WINDSCREEN_MASS_G } from '../catalogue';
import { FUELS } from '../../physics/fuel';
import type { Kit } from '../model';

/** Changes of one piece that keep the kit whole: a new burner brings a fuel it burns and a windscreen that fits. */

export function withBurner(kit: Kit, burnerId: string): Kit {
  const burner = burnerById(burnerId);
  const fuels = FUELS.filter((f) => f.kind === FAMILY_FUEL[burner.family]);
  const fuelId = (fuels.find((f) => f.id === kit.fuelId) ?? fuels[0]!).id;
  const dressed = { ...withFuel(kit, fuelId), burnerId, burnerMassG: burner.massG };
  // a locking burner comes with its finned pot
  const next = burner.family === 'locked' ? withPot(dressed, 'fin-1000') : dressed;
  const fits = FAMILY_WINDSCREENS[burner.family];
  // the usual companion: a cone on alcohol, something folded beside the rest
  return fits.includes(kit.windscreen)
    ? next
    : withWindscreen(next, fits.includes('cone') ? 'cone' : fits.includes('folded') ? 'folded' : 'none');
}

/** Another fuel is another can: what was found out about the old one goes. */
export function withFuel(kit: Kit, fuelId: string): Kit {
  if (fuelId === kit.fuelId) return kit;
  const { ownBlend: _found, ...rest } = kit;
  return { ...rest, fuelId };
}

export function withWindscreen(kit: Kit, windscreen: WindscreenKind): Kit {
  return { ...kit, windscreen, windscreenMassG: WINDSCREEN_MASS_G[windscreen] };
}

export function withPot(kit: Kit, potId: string): Kit {
  return { ...kit, pot: asKitPot(potById(potId)) };
}
