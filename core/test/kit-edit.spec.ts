import { BURNERS, FAMILY_FUEL, FAMILY_WINDSCREENS, POTS, WINDSCREEN_MASS_G } from '../src/domain/catalogue';
import { DEMO_TRIP } from '../src/demo';
import { FUELS } from '../src/physics/fuel';
import { kitSchema } from '../src/domain/model';
import { withBurner, withPot, withWindscreen } from '../src/domain/kit';

const kit = DEMO_TRIP.kit;

describe('changing one piece', () => {
  it.each(BURNERS.map((b) => [b.name, b] as const))('to the %s keeps a kit that can be saved and burnt', (_name, burner) => {
    const next = withBurner(kit, burner.id);
    expect(kitSchema.safeParse(next).success).toBe(true);
    expect(next.burnerMassG).toBe(burner.massG);
    expect(FUELS.find((f) => f.id === next.fuelId)?.kind).toBe(FAMILY_FUEL[burner.family]);
  });

  it('keeps fuel and windscreen that still fit', () => {
    const bowl = withBurner({ ...kit, fuelId: 'gas-30-70' }, 'gas-bowl');
    expect([bowl.fuelId, bowl.windscreen]).toEqual(['gas-30-70', kit.windscreen]);
  });

  it('replaces a windscreen that does not fit, with its weight', () => {
    const plate = withWindscreen(kit, 'plate');
    expect(plate.windscreenMassG).toBe(WINDSCREEN_MASS_G.plate);
    const alcohol = withBurner(plate, 'alcohol-open');
    expect(FAMILY_WINDSCREENS.openAlcohol).toContain(alcohol.windscreen);
    expect(alcohol.windscreenMassG).toBe(WINDSCREEN_MASS_G[alcohol.windscreen]);
    expect(withBurner(alcohol, 'tablet-single').windscreen).toBe('folded');
  });

  it.each(POTS.map((p) => [p.name, p.id] as const))('to the %s brings its size and weight and nothing else', (name, id) => {
    const next = withPot(kit, id);
    expect(next.pot.name).toBe(name);
    expect(kitSchema.safeParse(next).success).toBe(true);
    expect({ ...next, pot: kit.pot }).toEqual(kit);
  });
});
