/** Physical constants of the snow column, each once, with its source. */
export const MELTING_K = 273.15;
/** Specific heat of ice near 0 °C, J/kg/K (Oke 1987). */
export const ICE_HEAT_CAPACITY = 2100;
/** Latent heat of fusion and of sublimation, J/kg (WMO). */
export const FUSION_HEAT = 3.34e5;
export const SUBLIMATION_HEAT = 2.834e6;
/** Density of water, kg/m³. */
export const WATER_DENSITY = 1000;
/** Stefan–Boltzmann, W/m²/K⁴ (CODATA). */
export const STEFAN_BOLTZMANN = 5.670374e-8;
/** Long-wave emissivity of snow (Oke 1987). */
export const SNOW_EMISSIVITY = 0.98;
/** Gas constant of dry air, J/kg/K, and heat capacity, J/kg/K. */
export const DRY_AIR_GAS = 287.05;
export const AIR_HEAT_CAPACITY = 1005;
/** Ratio of molar masses of water and dry air. */
export const MOLAR_RATIO = 0.622;
export const GRAVITY = 9.81;
/** von Kármán's constant. */
export const KARMAN = 0.4;
/** Height of the measurements, m, and mid roughness length of snow, m (range 0.1–5 mm). */
export const MEASURING_HEIGHT_M = 2;
export const ROUGHNESS_M = 1e-3;
/** Exchange without wind in stable air, W/m²/K (Jordan 1991). */
export const WINDLESS_EXCHANGE = 2;
/** Liquid water held against gravity, share of mass. */
export const HELD_WATER_MASS = 0.03;
/**
 * Speed at which water beyond what is held drains, m/s. House: tuned so that strong melt (250 W/m²)
 * leaves a groomed surface wet (3–8 % by volume), as a snowball tells.
 */
export const DRAINAGE_M_PER_S = 3e-5;
/** Share of absorbed sunlight that stays at the surface, and decay of the rest, 1/m (Jordan 1991; Brun 1989). */
export const SURFACE_SUN_SHARE = 0.36;
export const SUN_DECAY_PER_M = 60;
/** Depth at which the ski feels the snow, m. */
export const CONTACT_DEPTH_M = 0.015;
