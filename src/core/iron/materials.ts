/** Material values of the iron's heat conduction (tables of polymers, paraffin and ski cores). */
export const MATERIALS = {
  /** Paraffin film: W/m/K, J/kg/K, J/kg over the melting range, kg/m³. */
  film: { conductivity: 0.22, heatCapacity: 2400, latentHeat: 180_000, density: 900 },
  /** From solid to liquid, K. */
  meltingRangeK: 8,
  /** Ultra-high molecular weight polyethylene. */
  base: { conductivity: 0.45, density: 940, heatCapacity: 2100 },
  /** Wood or foam core: J/m³/K. */
  core: { conductivity: 0.15, volumetric: 0.8e6, thicknessM: 0.01 },
  /** Still air over what was ironed, and over the iron, W/m²/K. */
  convection: 10,
  /** Between plate and film, W/m²/K: tuned so that the trail of practice comes out (house). */
  contact: 3000,
  /** Aluminium plate. */
  plateHeatCapacity: 900,
} as const;

/** Limits of the bench, with the reason beside each. */
export const IRON_LIMITS = {
  /** The base softens and then melts from here, °C. */
  warnBaseC: 130,
  stopBaseC: 135,
  /** A trail of liquid of practice, cm. */
  trailLeastM: 0.02,
  trailMostM: 0.08,
  /** Without a smoke point on the label wax is taken to smoke this far above its iron temperature, K (house). */
  smokeOverIronK: 25,
  /** An iron that loses more in a pass than this is too light for it, K. */
  sagMostK: 10,
  defaultBaseMm: 1.2,
  defaultPauseS: 2,
  defaultLagS: 8,
} as const;

/** Uptake of wax by the base (house): diffusion at 95 °C, m²/s, its activation energy, J/mol, and depth limit, m. */
export const UPTAKE = {
  diffusion: 2e-11,
  atC: 95,
  activation: 60_000,
  depthM: 15e-6,
  gasConstant: 8.314,
} as const;
