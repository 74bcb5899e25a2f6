/** Coefficients of the Chebyshev fit of erfc in 1/(1 + z/2), relative error below 1.2e-7 (Press et al. 1992). */
export const ERFC = [
  -1.26551223, 1.00002368, 0.37409196, 0.09678418, -0.18628806, 0.27886807, -1.13520398, 1.48851587,
  -0.82215223, 0.17087277,
];
