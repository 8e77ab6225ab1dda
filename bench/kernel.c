/*
 * The kernel of core/src/baking/simulate.ts for a loaf, in C, for one purpose: to know how much the same arithmetic costs without
 * JavaScript (`npm run bench`). Same grid, same order of sweeps, same constants; boxes only, no lid, no stages, no frames, no cooling.
 * Usage: kernel RUNS grams celsius topLengthCm topWidthCm bottomLengthCm bottomWidthCm depthCm  -> "minutes milliseconds-per-bake"
 */
#include <math.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <time.h>

enum { NX = 7, NY = 7, NZ = 9, CELLS = NX * NY * NZ, STEPS = 240 };
enum { NONE, WALL, OPEN };
enum { TOP, SIDE, BOTTOM };
static const int COUNT[3] = {NX, NY, NZ}, STRIDE[3] = {1, NX, NX * NY}, LINES[3] = {NY * NZ, NX * NZ, NX * NY};

#include "parameters.h"

static const double STEFAN = 5.67e-8, LATENT = 2.26e6, CWATER = 4190, GAS = 8.314, MOLAR = 0.018015, KELVIN = 273.15, C1 = 1.7,
                    EBULLIO = 2.04e-4, CRUST_D = 4.5e-11;
static double saturation(double t) { return exp(23.1964 - 3816.44 / (t + 227.02)); }
static double slopeOf(double t) { return 3816.44 / ((t + 227.02) * (t + 227.02)); }
static double smooth(double u) { u = u < 0 ? 0 : u > 1 ? 1 : u; return u * u * (3 - 2 * u); }
static double least(double a, double b) { return a < b ? a : b; }
static double most(double a, double b) { return a > b ? a : b; }

typedef struct {
  double lengthTop, lengthBottom, widthTop, widthBottom, depth, volumes[STEPS + 1];
  double edgesX[NX + 1], edgesY[NY + 1], edgesZ[NZ + 1], levels[NZ + 1], height;
  int aboveRim[NZ], starts[3][NX * NZ > NY * NZ ? NX * NZ : NY * NZ];
  double volume[CELLS], half[3][CELLS], area[3][64 * 10];
  double celsius[CELLS], before[CELLS], water[CELLS], waterStart[CELLS], dry[CELLS], lean[CELLS], pan[CELLS], capacity[CELLS],
      resistivity[CELLS], evaporated[CELLS], rise[CELLS], pore[300];
  int kind[3][128], face[3][128];
  double surface[3][128], browned[3][128];
  double w, f, s, mass, total, riseRatio, startVolume, dt, convection, baseConvection, scale, emissivity, boundRatio, c0, oven, set,
      headspace, fluid, sugarBrown, boiling, setting, heatIn, heatOut, steam;
  double flow, flowSlope, vapour, vapourSlope, openCelsius;
} Bake;

static double lean(double bottom, double top, double h, double depth) { return (bottom + (top - bottom) * least(1, h / depth)) * 0.005; }
static double halfLength(const Bake *b, double h) { return lean(b->lengthBottom, b->lengthTop, h, b->depth); }
static double halfWidth(const Bake *b, double h) { return lean(b->widthBottom, b->widthTop, h, b->depth); }
static double areaAt(const Bake *b, double h) { return 4 * halfLength(b, h) * halfWidth(b, h); }
static double heightOf(const Bake *b, double v) {
  double top = b->depth * 2.5, all = b->volumes[STEPS];
  if (v >= all) return top + (v - all) / areaAt(b, top);
  int low = 0, high = STEPS;
  while (high - low > 1) { int m = (low + high) >> 1; if (b->volumes[m] <= v) low = m; else high = m; }
  return top / STEPS * (low + (v - b->volumes[low]) / (b->volumes[high] - b->volumes[low]));
}
static void graded(double *edges, int n, double p0, double p1) {
  double total = 0, width[16];
  for (int i = 0; i < n; i++) { double u = (i + 0.5) / n; width[i] = pow(p0, -exp(-u * 5)) * pow(p1, -exp(-(1 - u) * 5)); total += width[i]; }
  edges[0] = 0;
  for (int i = 0; i < n; i++) edges[i + 1] = edges[i] + width[i] / total;
  edges[n] = 1;
}
static void stretch(Bake *b, double v) {
  for (int k = 0; k <= NZ; k++) b->levels[k] = heightOf(b, b->edgesZ[k] * v);
  b->height = b->levels[NZ];
  for (int k = 0; k < NZ; k++) {
    double low = b->levels[k], high = b->levels[k + 1], middle = (low + high) / 2, thick = high - low;
    double layer = (b->edgesZ[k + 1] - b->edgesZ[k]) * v * 0.25, hw = halfWidth(b, middle), hl = halfLength(b, middle);
    b->aboveRim[k] = middle > b->depth;
    for (int j = 0; j < NY; j++) {
      double wide = b->edgesY[j + 1] - b->edgesY[j];
      for (int i = 0; i < NX; i++) b->volume[(k * NY + j) * NX + i] = layer * (b->edgesX[i + 1] - b->edgesX[i]) * wide;
      for (int i = 0; i <= NX; i++) b->area[0][(k * NY + j) * (NX + 1) + i] = hl * wide * thick;
    }
    for (int i = 0; i < NX; i++) for (int j = 0; j <= NY; j++) b->area[1][(k * NX + i) * (NY + 1) + j] = hw * (b->edgesX[i + 1] - b->edgesX[i]) * thick;
  }
  for (int k = 0; k <= NZ; k++) {
    double whole = areaAt(b, b->levels[k]) * 0.25;
    for (int i = 0; i < NX; i++) for (int j = 0; j < NY; j++)
      b->area[2][(j * NX + i) * (NZ + 1) + k] = whole * (b->edgesX[i + 1] - b->edgesX[i]) * (b->edgesY[j + 1] - b->edgesY[j]);
  }
  for (int d = 0; d < 3; d++) { int n = COUNT[d];
    for (int l = 0; l < LINES[d]; l++) { int cell = b->starts[d][l], face = l * (n + 1);
      for (int q = 0; q < n; q++, cell += STRIDE[d], face++) b->half[d][cell] = b->volume[cell] / (b->area[d][face] + b->area[d][face + 1]); } }
}
static void boundaries(Bake *b) {
  for (int l = 0; l < LINES[0]; l++) { b->kind[0][2 * l + 1] = b->aboveRim[l / NY] ? OPEN : WALL; b->face[0][2 * l + 1] = SIDE; }
  for (int l = 0; l < LINES[1]; l++) { b->kind[1][2 * l + 1] = b->aboveRim[l / NX] ? OPEN : WALL; b->face[1][2 * l + 1] = SIDE; }
  for (int l = 0; l < LINES[2]; l++) { b->kind[2][2 * l] = WALL; b->face[2][2 * l] = BOTTOM; b->kind[2][2 * l + 1] = OPEN; b->face[2][2 * l + 1] = TOP; }
}
static void solveSurface(Bake *b, double t, double g, double guess, int cell, double half) {
  double w = b->water[cell], ratio = w / b->lean[cell], a = w > 0 ? ratio / (ratio + b->boundRatio) : 0;
  double dried = most(0, 1 - w / b->waterStart[cell]) * 2 * half, conv = b->convection * b->headspace, rk = b->oven + KELVIN;
  double hm = EVAPORATION * b->convection * b->headspace / (0.86 * 1010) * MOLAR / (GAS * 390) * 1.1;
  double perm = a > 0 ? 1 / (1 / hm + dried / (CRUST_D * EVAPORATION)) : 0, ts = guess, slope = 0, vs = 0;
  double rf = FOOD_EMISSIVITY * STEFAN * b->headspace * b->scale;
  for (int i = 0; i < 3; i++) {
    double k = ts + KELVIN, rad = rf * (k * k + rk * rk) * (k + rk), p = saturation(ts), v = perm * (a * p - OVEN_VAPOUR);
    vs = perm * a * p * slopeOf(ts);
    if (v < 0) { v = 0; vs = 0; }
    slope = conv + rad + LATENT * vs;
    ts += (conv * (b->oven - ts) + rad * (b->oven - ts) - LATENT * v - g * (ts - t)) / (slope + g);
  }
  b->flow = g * (ts - t); b->flowSlope = -g * slope / (slope + g);
  b->vapour = most(0, perm * (a * saturation(ts) - OVEN_VAPOUR)); b->vapourSlope = vs * g / (slope + g); b->openCelsius = ts;
}
typedef struct { double diagonal, right, out, flow, flowSlope, vapour, vapourSlope; } End;
static End meet(Bake *b, int d, int x, int cell, double fa) {
  End e = {0};
  if (b->kind[d][x] == NONE) return e;
  double half = b->half[d][cell], inner = half * b->resistivity[cell];
  if (b->kind[d][x] == WALL) {
    double wall = b->surface[d][x] + KELVIN, rad = b->oven + KELVIN;
    double hr = b->emissivity * STEFAN * (wall * wall + rad * rad) * (wall + rad) * b->scale;
    e.out = 1 / (b->convection + hr) + 1e-5 + (b->face[d][x] == BOTTOM ? BOTTOM_RESISTANCE : SIDE_RESISTANCE) + inner;
    e.diagonal = fa / e.out; e.right = e.diagonal * b->oven;
    return e;
  }
  double t = b->celsius[cell];
  solveSurface(b, t, 1 / inner, b->surface[d][x], cell, half);
  b->surface[d][x] = b->openCelsius;
  e.diagonal = -b->flowSlope * fa; e.right = (b->flow - b->flowSlope * t) * fa;
  e.flow = b->flow; e.flowSlope = b->flowSlope; e.vapour = b->vapour; e.vapourSlope = b->vapourSlope;
  return e;
}
static void book(Bake *b, int d, int x, int cell, double fa, End e, double was) {
  if (b->kind[d][x] == NONE) return;
  double now = b->celsius[cell];
  if (e.out > 0) {
    double flow = (b->oven - now) / e.out;
    b->heatIn += flow * fa * b->dt;
    b->surface[d][x] = now + flow * (b->half[d][cell] * b->resistivity[cell] + (b->face[d][x] == BOTTOM ? BOTTOM_RESISTANCE : SIDE_RESISTANCE));
    return;
  }
  double change = now - was, w = b->water[cell], leaves = least(most(0, (e.vapour + e.vapourSlope * change) * fa * b->dt), w * 0.5);
  b->heatIn += (e.flow + e.flowSlope * change) * fa * b->dt + leaves * LATENT;
  b->heatOut += leaves * (LATENT + CWATER * now); b->steam += leaves; b->water[cell] = w - leaves; b->evaporated[cell] += leaves;
}
static void sweep(Bake *b, int d) {
  const int n = COUNT[d], stride = STRIDE[d];
  double upper[16], right[16];
  const double *half = b->half[d], *area = b->area[d], perStep = 1 / b->dt;
  for (int l = 0; l < LINES[d]; l++) {
    int first = b->starts[d][l], ff = l * (n + 1), last = first + (n - 1) * stride, cell = first;
    double firstWas = b->celsius[first], lastWas = b->celsius[last];
    End a = meet(b, d, 2 * l, first, area[ff]), z = meet(b, d, 2 * l + 1, last, area[ff + n]);
    double resistance = half[first] * b->resistivity[first], towards = 0, ub = 0, rb = 0;
    for (int q = 0; q < n; q++) {
      int next = cell + stride;
      double inertia = b->capacity[cell] * perStep, onwards = 0;
      if (q < n - 1) { double rn = half[next] * b->resistivity[next]; onwards = area[ff + q + 1] / (resistance + rn); resistance = rn; }
      double diagonal = inertia + towards + onwards, now = inertia * b->celsius[cell];
      if (q == 0) { diagonal += a.diagonal; now += a.right; }
      if (q == n - 1) { diagonal += z.diagonal; now += z.right; }
      double scale = 1 / (diagonal - towards * ub);
      ub = onwards * scale; rb = (now + towards * rb) * scale; upper[q] = ub; right[q] = rb; towards = onwards; cell = next;
    }
    double solved = rb;
    cell = last; b->celsius[cell] = solved;
    for (int q = n - 2; q >= 0; q--) { cell -= stride; solved = right[q] + upper[q] * solved; b->celsius[cell] = solved; }
    book(b, d, 2 * l + 1, last, area[ff + n], z, lastWas);
    book(b, d, 2 * l, first, area[ff], a, firstWas);
  }
}
static double celsiusOf(const Bake *b, int i, double held) {
  double a = b->dry[i] * C1 / 2, linear = b->dry[i] * b->c0 + b->water[i] * CWATER + b->pan[i];
  return (-linear + sqrt(linear * linear + 4 * a * held)) / (2 * a);
}
static double enthalpy(const Bake *b, int i) { double t = b->celsius[i]; return b->dry[i] * (b->c0 * t + C1 * t * t / 2) + (b->water[i] * CWATER + b->pan[i]) * t; }
static double core(const Bake *b) {
  double cold = 1e9;
  for (int k = NZ / 5; k < (int)ceil(NZ * 0.85); k++) for (int j = 0; j < (int)ceil(NY * 0.8); j++) for (int i = 0; i < (int)ceil(NX * 0.8); i++) {
    double t = b->celsius[(k * NY + j) * NX + i]; if (t < cold) cold = t; }
  return cold;
}
static double bake(Bake *b, double grams, double celsius, const double *pan) {
  memset(b, 0, sizeof *b);
  b->lengthTop = pan[0]; b->widthTop = pan[1]; b->lengthBottom = pan[2]; b->widthBottom = pan[3]; b->depth = pan[4] / 100;
  double top = b->depth * 2.5;
  for (int i = 0; i < STEPS; i++) { double a = top * i / STEPS, c = top * (i + 1) / STEPS; b->volumes[i + 1] = b->volumes[i] + (c - a) / 6 * (areaAt(b, a) + 4 * areaAt(b, (a + c) / 2) + areaAt(b, c)); }
  b->w = WATER; b->f = FAT; b->s = SUGAR; b->boiling = 3816.44 / (23.1964 - log(101325.0)) - 227.02;
  b->setting = SETTING_BASE + SETTING_SUGAR * b->s / (b->s + b->w) - most(0, 100 - b->boiling) * 0.95;
  b->scale = STYLE_HEAT; b->mass = grams / 1000; b->startVolume = b->mass / RAW_DENSITY; b->riseRatio = RAW_DENSITY / BAKED_DENSITY;
  int line = 0;
  for (int k = 0; k < NZ; k++) for (int j = 0; j < NY; j++) b->starts[0][line++] = (k * NY + j) * NX;
  line = 0; for (int k = 0; k < NZ; k++) for (int i = 0; i < NX; i++) b->starts[1][line++] = k * NY * NX + i;
  line = 0; for (int j = 0; j < NY; j++) for (int i = 0; i < NX; i++) b->starts[2][line++] = j * NX + i;
  graded(b->edgesX, NX, 1, 2.5); graded(b->edgesY, NY, 1, 2.5);
  double inner[NZ + 1], crust = least(0.15, 0.0025 / heightOf(b, b->startVolume * b->riseRatio));
  graded(inner, NZ - 1, 2.2, 2.2); for (int i = 0; i < NZ; i++) b->edgesZ[i] = inner[i] * (1 - crust);
  b->edgesZ[NZ] = 1;
  stretch(b, b->startVolume); boundaries(b);
  double nonfat = 1 - b->w - b->f, fatOfDry = b->f / (1 - b->w), volume = b->startVolume;
  b->boundRatio = 0.05 + 0.1 * (b->s / most(0.1, nonfat)); b->c0 = fatOfDry * 1980 + (1 - fatOfDry) * 1600;
  for (int i = 0; i < CELLS; i++) { double m = b->volume[i] * RAW_DENSITY; b->total += m; b->celsius[i] = 21; b->water[i] = b->waterStart[i] = m * b->w; b->dry[i] = m * (1 - b->w); b->lean[i] = m * nonfat; }
  for (int d = 0; d < 3; d++) for (int x = 0; x < 128; x++) b->surface[d][x] = 21;
  b->emissivity = LIGHT_EMISSIVITY * PAN_RADIATION;
  for (int d = 0; d < 3; d++) for (int l = 0; l < LINES[d]; l++) for (int e = 0; e < 2; e++) if (b->kind[d][2 * l + e] == WALL)
    b->pan[b->starts[d][l] + e * (COUNT[d] - 1) * STRIDE[d]] += b->area[d][l * (COUNT[d] + 1) + e * COUNT[d]] * (d == 2 ? 1 : sqrt(b->riseRatio)) * 2400;
  double ratio = b->w / most(0.05, nonfat), activity = ratio / (ratio + b->boundRatio);
  for (int i = 0; i < 300; i++) { double t = i * 0.5, k = t + KELVIN, v = activity * saturation(t), diff = 2.2e-5 * pow(k / KELVIN, 1.81);
    b->pore[i] = diff * MOLAR / (GAS * k) * 101325 / (101325 - least(v, 0.85 * 101325)) * least(v, 101325) * slopeOf(t) * LATENT; }
  b->sugarBrown = 0.75 + 0.25 * least(2, b->s / 0.2); b->set = celsius; b->oven = celsius - (DOOR_DROP + 8 * b->mass);
  double rim = areaAt(b, b->depth), crowd = 1 - CROWDING * least(1, rim / 0.16), size = least(1.6, most(0.7, pow(0.25 / sqrt(rim), 0.25) * crowd));
  b->baseConvection = CONVECTION * size * b->scale;
  double startHeight = heightOf(b, b->startVolume);
  b->fluid = FLUIDITY * FLUID_MIXING * pow(least(3, most(0.3, startHeight / 0.035)), 0.75);
  b->dt = least(12, most(3, least(startHeight, halfWidth(b, 0)) * 240));
  double seconds = 0, dose = 0, coreBefore = 21;
  for (int steps = 0; seconds < 24000; steps++) {
    b->oven += (b->set - b->oven) * (1 - exp(-b->dt / (b->set < b->oven - 1 ? 720 : 300)));
    double sum = 0; int count = 0;
    for (int d = 0; d < 3; d++) for (int x = 0; x < 2 * LINES[d]; x++) if (b->kind[d][x]) { sum += b->surface[d][x]; count++; }
    b->convection = b->baseConvection * pow(most(10, b->oven - sum / count) / 110, 0.25);
    b->headspace = 1 - 0.35 * least(1, most(0, b->depth - b->height) / halfWidth(b, b->depth));
    double por = least(0.85, most(0, 1 - b->total / (volume * 0.25) / 1250));
    for (int i = 0; i < CELLS; i++) {
      double t = b->before[i] = b->celsius[i], w = b->water[i], dry = b->dry[i], x = t < 0 ? 0 : t > 149 ? 298 : t * 2; int xi = (int)x;
      b->capacity[i] = dry * (b->c0 + C1 * t) + w * CWATER + b->pan[i]; b->evaporated[i] = 0;
      double wet = w / (0.35 * b->waterStart[i]), walls = CONDUCTIVITY * (0.18 + 0.45 * w / (w + dry)) * (1 + b->fluid * smooth((80 - t) / 25));
      double pores = 0.03 + PORE_VAPOUR * (b->pore[xi] + (x - xi) * (b->pore[xi + 1] - b->pore[xi])) * (wet < 1 ? wet : 1);
      b->resistivity[i] = (2 * walls + pores + por * (walls - pores)) / (walls * (2 * walls + pores - 2 * por * (walls - pores)));
    }
    if (steps & 1) { sweep(b, 2); sweep(b, 1); sweep(b, 0); } else { sweep(b, 0); sweep(b, 1); sweep(b, 2); }
    for (int i = 0; i < CELLS; i++) { double gone = b->evaporated[i] * CWATER, linear = b->dry[i] * b->c0 + b->water[i] * CWATER + b->pan[i], t0 = b->before[i];
      b->celsius[i] = celsiusOf(b, i, b->dry[i] * C1 / 2 * t0 * t0 + (linear + gone) * t0 + b->capacity[i] * (b->celsius[i] - t0) - gone * b->celsius[i]); }
    for (int l = 0; l < LINES[2]; l++) { int i = b->starts[2][l] + (NZ - 1 - (NZ >> 1)) * STRIDE[2];
      for (int q = NZ - 1 - (NZ >> 1); q < NZ - 1; q++, i += STRIDE[2]) { int j = i + STRIDE[2];
        double density = (b->dry[i] + b->dry[j]) / (b->volume[i] + b->volume[j]), wet = least(1, b->water[j] / b->waterStart[j]);
        double moved = MOISTURE * density * b->area[2][l * (NZ + 1) + q + 1] / (b->half[2][i] + b->half[2][j]) * b->dt * wet * wet * (b->water[i] / b->dry[i] - b->water[j] / b->dry[j]);
        int to = moved > 0 ? j : i, from = moved > 0 ? i : j; moved = least(fabs(moved), 0.1 * b->water[from]);
        double t = b->celsius[to], holds = b->dry[to] * (b->c0 + C1 * t) + b->water[to] * CWATER + b->pan[to];
        b->celsius[to] = t + moved * CWATER * (b->celsius[from] - t) / (holds + moved * CWATER); b->water[from] -= moved; b->water[to] += moved; } }
    for (int i = 0; i < CELLS; i++) { double t = b->celsius[i], w = b->water[i]; if (!(t > b->boiling && w > 0)) continue;
      double r = w / b->lean[i], k = 1 / (1 / (b->boiling + KELVIN) + EBULLIO * log(r / (r + b->boundRatio))), boils = k > 0 && k < 600 ? k - KELVIN : 327; if (t <= boils) continue;
      double rise = EBULLIO * k * k * b->boundRatio * b->lean[i] / (w * (w + b->boundRatio * b->lean[i])), holds = b->dry[i] * (b->c0 + C1 * t) + w * CWATER + b->pan[i];
      double leaves = least(holds * (t - boils) / (LATENT + holds * rise), w * 0.4), carried = leaves * (LATENT + CWATER * t), left = enthalpy(b, i) - carried;
      b->water[i] = w - leaves; b->celsius[i] = celsiusOf(b, i, left); b->steam += leaves; b->heatOut += carried; }
    for (int d = 0; d < 3; d++) for (int x = 0; x < 2 * LINES[d]; x++) { double t = b->surface[d][x]; if (t <= 95 || !b->kind[d][x]) continue;
      b->browned[d][x] += BROWNING_RATE * b->sugarBrown * exp(-BROWNING_ENERGY / GAS * (1 / (t + KELVIN) - 1 / 423.15)) * b->dt; }
    if ((steps & 3) == 0) { double weighted = 0, mass = 0;
      for (int i = 0; i < CELLS; i++) { double u = most(smooth((b->celsius[i] - 30) / 62), b->rise[i]); b->rise[i] = u; weighted += u * b->dry[i]; mass += b->dry[i]; }
      double v = b->startVolume * (1 + (b->riseRatio - 1) * weighted / mass); if (v > volume * 1.002) { volume = v; stretch(b, v); boundaries(b); } }
    seconds += b->dt;
    double c = core(b), rate = pow(10, ((c + coreBefore) / 2 - b->setting) / 5) * b->dt / 60;
    if (dose + rate >= SETTING_MINUTES) return (seconds - b->dt * (1 - (SETTING_MINUTES - dose) / rate)) / 60;
    dose += rate; coreBefore = c;
  }
  return -1;
}
int main(int argc, char **argv) {
  if (argc < 9) return 2;
  int runs = atoi(argv[1]);
  double pan[5], minutes = 0, best = 1e9;
  for (int i = 0; i < 5; i++) pan[i] = atof(argv[4 + i]);
  Bake *b = malloc(sizeof *b);
  for (int i = 0; i < runs; i++) {
    struct timespec from, to;
    clock_gettime(CLOCK_MONOTONIC, &from);
    minutes = bake(b, atof(argv[2]), atof(argv[3]), pan);
    clock_gettime(CLOCK_MONOTONIC, &to);
    best = least(best, (to.tv_sec - from.tv_sec) * 1e3 + (to.tv_nsec - from.tv_nsec) / 1e6);
  }
  printf("%.4f %.3f\n", minutes, best);
  free(b);
  return 0;
}
