/*
 * The snow kernel once more, in C: the limit that src/core/kernel is held against.
 * The same equations in the same order for each step of each member, on one core, in doubles:
 * perturbed air, surface flux, conduction, melt and drainage, hoar, albedo, grain, memory of the surface.
 * Dry weather (nothing falls), since that is what the bench runs.
 *
 * kernel IN OUT: IN and OUT are doubles without a header, in the order of `read` and `write` below.
 * Prints the fastest of ROUNDS runs, ns.
 */
#include <math.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <time.h>

#define ROUNDS 15
#define PERTURBED 5

enum { AIR, HUMIDITY, CLOUD, WIND };

static const double SIGMA = 5.670374e-8, EMISSIVITY = 0.98, MELTING_K = 273.15, FUSION = 3.34e5, SUBLIMATION = 2.834e6;

static double *input;
static double next(void) { return *input++; }
static double *list(size_t n) { double *at = input; input += n; return at; }
static double *copy(const double *from, size_t n) { return memcpy(malloc(n * sizeof *from), from, n * sizeof *from); }
static double between(double x, double low, double high) { return x < low ? low : x > high ? high : x; }

static int members, layers, steps;
static double dt, pressure, hidden, first_diagonal, surface_conductance, first_density, below_share;
static int above;
static double *air_c, *air_sd, *humidity, *humidity_sd, *cloud_logit, *wind, *clear_sky, *slope_ratio, *now, *neutral;
static double *capacity, *capacity_rate, *carry, *inverse_pivot, *sun_share, *held, *drain, *probe;
static double *temperature, *water, *surface, *albedo, *hoar, *dendricity, *sphericity, *size_mm, *since_wet, *was_wet;
static double *energy_in, *energy_moved, *right;

static double over_water(double t) { return 6.112 * exp(17.62 * t / (243.12 + t)); }
static double over_ice(double t) { return 6.112 * exp(22.46 * t / (272.62 + t)); }

static void step(int m, int i) {
  const double *off = now + ((size_t)i * members + m) * PERTURBED;
  double ta = between(air_c[i] + air_sd[i] * off[AIR], -80, 50);
  double rh = between(humidity[i] + humidity_sd[i] * off[HUMIDITY], 0.05, 1);
  double cloud = 1 / (1 + exp(-(cloud_logit[i] + 1.2 * off[CLOUD])));
  double u = wind[i] * exp(0.4 * off[WIND]);

  /* Surface flux, a line about the temperature of the step before. */
  double t = surface[m] < -80 ? -80 : surface[m];
  double air_k = ta + MELTING_K, surface_k = t + MELTING_K;
  double e = rh * over_water(ta);
  double cubed = surface_k * surface_k * surface_k;
  double root = sqrt(sqrt(sqrt(100 * e / air_k))), n3 = cloud * cloud * cloud;
  double air_4 = air_k * air_k * air_k * air_k;
  double sky = ((0.23 + 0.443 * root) * (1 - n3) + 0.963 * n3) * SIGMA * air_4;
  double trees = EMISSIVITY * SIGMA * air_4;
  double long_wave = EMISSIVITY * (sky + hidden * (trees - sky)) - EMISSIVITY * SIGMA * cubed * surface_k;
  double w = u < 0.1 ? 0.1 : u, excess = ta - t;
  double richardson = 9.81 * 2 * excess / (0.5 * (air_k + surface_k) * w * w);
  double stability = richardson >= 0 ? 1 / (1 + 10 * richardson) : sqrt(1 - 16 * richardson);
  double exchange = neutral[m] * stability * w, density = 100 * pressure / (287.05 * air_k);
  double sensible = density * 1005 * exchange + (excess > 0 ? 2 : 0);
  double ice = over_ice(t), ice_slope = ice * 22.46 * 272.62 / ((272.62 + t) * (272.62 + t));
  double vapour_exchange = density * 0.622 * exchange / pressure, vapour = vapour_exchange * (e - ice);
  double vapour_slope = vapour_exchange * ice_slope;
  double slope = 4 * EMISSIVITY * SIGMA * cubed + sensible + SUBLIMATION * vapour_slope;
  double intercept = long_wave + sensible * excess + SUBLIMATION * vapour + slope * t;

  double sun = 0;
  if (clear_sky[i] != 0) sun = clear_sky[i] * (cloud > 0 ? 1 - 0.75 * exp(3.4 * log(cloud)) : 1) * slope_ratio[i];
  double absorbed = (1 - albedo[m]) * sun, entering = (1 - 0.36) * absorbed, at_surface = intercept + 0.36 * absorbed;

  /* Conduction, folded from the bottom up; then down with melt, refreezing and drainage. */
  double *T = temperature + (size_t)m * layers, *W = water + (size_t)m * layers, below = 0;
  for (int k = layers - 1; k >= 0; k--) {
    below = capacity_rate[k] * T[k] + entering * sun_share[k] + carry[k] * below;
    right[k] = below;
  }
  double inverse = 1 / (surface_conductance + slope), share = surface_conductance * inverse;
  double first = (below + share * at_surface) / (first_diagonal + share * slope);
  double skin = (at_surface + surface_conductance * first) * inverse, melted = 0;
  if (skin > 0) {
    first = below / (first_diagonal + surface_conductance);
    skin = 0;
    melted = (at_surface + surface_conductance * first) * dt / FUSION;
  }
  surface[m] = skin;
  double solved = first, moving = 0;
  for (int k = 0; k < layers; k++) {
    if (k > 0) solved = right[k] * inverse_pivot[k] + carry[k - 1] * solved;
    double x = solved, q = k > 0 ? W[k] : W[0] + melted;
    if (x > 0) {
      q += capacity[k] * x / FUSION;
      x = 0;
    } else if (q > 0) {
      double possible = -capacity[k] * x / FUSION;
      x = possible <= q ? 0 : x + q * FUSION / capacity[k];
      q -= possible < q ? possible : q;
    }
    T[k] = x;
    q += moving;
    double surplus = q - held[k];
    moving = surplus > 0 ? surplus * drain[k] : 0;
    W[k] = q - moving;
  }
  double flux = (at_surface - slope * skin + entering) * dt;
  energy_in[m] += flux - FUSION * moving;
  energy_moved[m] += fabs(flux) + FUSION * moving;

  double grown = skin < 0 ? hoar[m] + (vapour + vapour_slope * t - vapour_slope * skin) * dt : 0;
  hoar[m] = grown > 0 ? grown : 0;
  double mass = 0;
  for (int k = 0; k < layers && probe[k] > 0; k++) mass += probe[k] * W[k];
  double percent = 100 * mass / (1000 * 0.015), days = dt / 86400, old = albedo[m];
  double darker = percent > 0 ? 0.5 + (old - 0.5) * exp(-0.24 * days) : old - 0.008 * days;
  albedo[m] = darker > 0.5 || darker > old ? darker : old < 0.5 ? old : 0.5;

  double contact = T[above] + below_share * (T[above + 1] - T[above]);
  double by_mass = percent * 1000 / first_density, gradient = fabs(contact - skin) / 0.015, rate_d, rate_s;
  if (by_mass > 0) {
    rate_s = by_mass * by_mass * by_mass / 16;
    rate_d = -rate_s;
  } else {
    double arrhenius = exp(-6000 / (contact + MELTING_K));
    if (gradient <= 5) {
      rate_d = -2e8 * arrhenius;
      rate_s = 1e9 * arrhenius;
    } else {
      rate_d = rate_s = -2e8 * arrhenius * exp(0.4 * log(gradient));
    }
  }
  dendricity[m] = between(dendricity[m] + rate_d * days, 0, 1);
  sphericity[m] = between(sphericity[m] + rate_s * days, 0, 1);
  if (by_mass > 0 && sphericity[m] >= 1 - 1e-9) {
    double d = size_mm[m], gained = (1.28e-8 + 4.22e-10 * by_mass * by_mass * by_mass) * dt;
    size_mm[m] = cbrt(d * d * d + 6 / 3.14159265358979323846 * gained);
  }
  if (percent > 0.5) {
    since_wet[m] = 0;
    was_wet[m] = 1;
  } else {
    since_wet[m] += dt / 3600;
  }
}

static double elapsed(struct timespec from) {
  struct timespec to;
  clock_gettime(CLOCK_MONOTONIC, &to);
  return (to.tv_sec - from.tv_sec) * 1e9 + (to.tv_nsec - from.tv_nsec);
}

int main(int argc, char **argv) {
  if (argc != 3) return fprintf(stderr, "kernel IN OUT\n"), 2;
  FILE *in = fopen(argv[1], "rb");
  if (!in) return perror(argv[1]), 1;
  fseek(in, 0, SEEK_END);
  size_t bytes = ftell(in);
  rewind(in);
  input = malloc(bytes);
  if (fread(input, 1, bytes, in) != bytes) return 1;
  members = next(); layers = next(); steps = next(); above = next();
  dt = next(); pressure = next(); hidden = next(); first_diagonal = next(); surface_conductance = next();
  first_density = next(); below_share = next();
  air_c = list(steps); air_sd = list(steps); humidity = list(steps); humidity_sd = list(steps);
  cloud_logit = list(steps); wind = list(steps); clear_sky = list(steps); slope_ratio = list(steps);
  capacity = list(layers); capacity_rate = list(layers); carry = list(layers); inverse_pivot = list(layers);
  sun_share = list(layers); held = list(layers); drain = list(layers); probe = list(layers);
  neutral = list(members);
  now = list((size_t)steps * members * PERTURBED);
  double *start[] = { list((size_t)members * layers), list(members), list(members), list(members), list(members), list(members) };
  right = calloc(layers, sizeof *right);
  double best = INFINITY;
  for (int round = 0; round < ROUNDS; round++) {
    temperature = copy(start[0], (size_t)members * layers); surface = copy(start[1], members);
    albedo = copy(start[2], members); dendricity = copy(start[3], members);
    sphericity = copy(start[4], members); size_mm = copy(start[5], members);
    water = calloc((size_t)members * layers, sizeof *water);
    hoar = calloc(members, sizeof *hoar); since_wet = calloc(members, sizeof *hoar); was_wet = calloc(members, sizeof *hoar);
    energy_in = calloc(members, sizeof *hoar); energy_moved = calloc(members, sizeof *hoar);
    struct timespec from;
    clock_gettime(CLOCK_MONOTONIC, &from);
    for (int i = 0; i < steps; i++) for (int m = 0; m < members; m++) step(m, i);
    double taken = elapsed(from);
    if (taken < best) best = taken;
  }
  FILE *out = fopen(argv[2], "wb");
  if (!out) return perror(argv[2]), 1;
  fwrite(temperature, sizeof *surface, (size_t)members * layers, out);
  fwrite(water, sizeof *surface, (size_t)members * layers, out);
  fwrite(surface, sizeof *surface, members, out);
  fwrite(hoar, sizeof *surface, members, out);
  fwrite(sphericity, sizeof *surface, members, out);
  fwrite(energy_moved, sizeof *surface, members, out);
  fclose(out);
  printf("%.0f\n", best);
  return 0;
}
