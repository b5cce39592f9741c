/**
 * Lower heating values from standard enthalpies of formation.
 * Molar enthalpies at 298.15 K in kJ/mol: NIST Chemistry WebBook / CRC Handbook. Molar masses: IUPAC 2021 weights.
 */
export interface FuelMolecule {
  carbon: number;
  hydrogen: number;
  oxygen: number;
  nitrogen: number;
  /** Enthalpy of formation of the state that burns, kJ/mol. */
  formationKJPerMol: number;
}

const CO2_KJ_PER_MOL = -393.51;
const WATER_VAPOUR_KJ_PER_MOL = -241.826;
const MASS = { carbon: 12.011, hydrogen: 1.008, oxygen: 15.999, nitrogen: 14.007 };

/** Gases as vapour, alcohols as liquid, hexamine as solid: the state in which each reaches the flame's root. */
export const MOLECULES = {
  propane: { carbon: 3, hydrogen: 8, oxygen: 0, nitrogen: 0, formationKJPerMol: -104.7 },
  isobutane: { carbon: 4, hydrogen: 10, oxygen: 0, nitrogen: 0, formationKJPerMol: -134.2 },
  nButane: { carbon: 4, hydrogen: 10, oxygen: 0, nitrogen: 0, formationKJPerMol: -125.7 },
  ethanol: { carbon: 2, hydrogen: 6, oxygen: 1, nitrogen: 0, formationKJPerMol: -277.6 },
  methanol: { carbon: 1, hydrogen: 4, oxygen: 1, nitrogen: 0, formationKJPerMol: -238.9 },
  isopropanol: { carbon: 3, hydrogen: 8, oxygen: 1, nitrogen: 0, formationKJPerMol: -318.1 },
  hexamine: { carbon: 6, hydrogen: 12, oxygen: 0, nitrogen: 4, formationKJPerMol: 124.1 },
} as const satisfies Record<string, FuelMolecule>;

/** Molar mass in g/mol. */
export function molarMassG(m: FuelMolecule): number {
  return m.carbon * MASS.carbon + m.hydrogen * MASS.hydrogen + m.oxygen * MASS.oxygen + m.nitrogen * MASS.nitrogen;
}

/** Lower heating value in kJ/g: products CO2, water vapour and N2 (Hess's law). */
export function lowerHeatingValueKJPerG(m: FuelMolecule): number {
  const products = m.carbon * CO2_KJ_PER_MOL + (m.hydrogen / 2) * WATER_VAPOUR_KJ_PER_MOL;
  return (m.formationKJPerMol - products) / molarMassG(m);
}
