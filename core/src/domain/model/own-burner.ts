import type { Calibration } from './calibration-schema';
import type { Kit } from './kit-schema';
import { same } from './same';

/** What burn tests are about: one burner under one pot. */
export const burntWith = ({ burnerId, pot }: Pick<Kit, 'burnerId' | 'pot'>): Calibration['of'] => ({
  burnerId,
  potDiameterMm: pot.diameterMm,
  potBase: pot.base,
});
/** What burn tests have made of a kit; undefined without any, and where burner or pot is another one now. */
export const ownBurner = (kit: Kit): Calibration | undefined =>
  kit.calibration && same(kit.calibration.of, burntWith(kit)) ? kit.calibration : undefined;
