/** Properties of water, ice and air. Sources beside each value. */

/** Zero Celsius in kelvin (definition of the Celsius scale). */
export const ZERO_C_K = 273.15;
/** Liquid water, J/(kg K): mean 0–100 °C, CRC Handbook. */
export const WATER_CP_J_PER_KG_K = 4187;
/** Ice near 0 °C, J/(kg K): CRC Handbook. */
export const ICE_CP_J_PER_KG_K = 2110;
/** Enthalpy of fusion of ice, J/kg: CRC Handbook. */
export const FUSION_J_PER_KG = 333_550;
/** Enthalpy of vaporisation at 100 °C, J/kg: CRC Handbook. */
export const VAPORISATION_J_PER_KG = 2_257_000;
/** Ratio of the molar masses of water and dry air, 18.015/28.965 (CRC Handbook). */
export const WATER_TO_AIR_MOLAR_MASS = 0.62198;
/** Dry air, J/(kg K), near room temperature (CRC Handbook). */
export const AIR_CP_J_PER_KG_K = 1006;
/** Lewis number of water vapour in air (from memory; 0.85–0.87 in heat-transfer texts). */
export const LEWIS_NUMBER = 0.87;
/** Relative humidity assumed outdoors (common practice). */
export const RELATIVE_HUMIDITY = 0.6;
/** Sea-level standard pressure, Pa (US Standard Atmosphere 1976). */
export const SEA_LEVEL_PA = 101_325;
