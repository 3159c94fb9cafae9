/*
 * The equations of a body of food without a cabinet and without vapour, in C, to hold the product's own solver against.
 *
 * Reads a problem (bench/conduction.ts writes it) and prints the least time of several runs, ms, then each cell's enthalpy
 * at the end, J/kg. By `pair` it steps with the pair of Dormand and Prince of order 5(4), as a general solver does; by
 * `chebyshev` with the product's own method, stage by stage.
 */
#include <math.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <time.h>

#define MOST_AXES 3
#define MOST_ENDS 6
#define MOST_STAGES 80
#define ROUNDS 9

typedef struct {
  int cells, stride;
  double *up, *down;
} Axis;

typedef struct {
  int count, *cell;
  double *perKg, halfM, h, aroundC;
} End;

static int cells, nodes, axes, ends;
static Axis axis[MOST_AXES];
static End end[MOST_ENDS];
static double stepJkg, geometry, tolerance, untilS;
static double *temperature, *potential, *conductivity, *start, *phi;

static double number(void) {
  double read;
  if (scanf("%lf", &read) != 1) exit(2);
  return read;
}

static double *vector(int n) { return calloc(n, sizeof(double)); }

static double *numbers(int n) {
  double *all = vector(n);
  for (int i = 0; i < n; i++) all[i] = number();
  return all;
}

static void readProblem(void) {
  cells = number(), nodes = number(), axes = number(), ends = number();
  stepJkg = number(), geometry = number(), tolerance = number(), untilS = number();
  temperature = numbers(nodes), potential = numbers(nodes), conductivity = numbers(nodes);
  start = numbers(cells), phi = vector(cells);
  for (int a = 0; a < axes; a++) {
    axis[a].cells = number(), axis[a].stride = number();
    axis[a].up = numbers(axis[a].cells - 1), axis[a].down = numbers(axis[a].cells - 1);
  }
  for (int e = 0; e < ends; e++) {
    end[e].count = number(), end[e].halfM = number(), end[e].h = number(), end[e].aroundC = number();
    end[e].cell = malloc(end[e].count * sizeof(int));
    for (int i = 0; i < end[e].count; i++) end[e].cell[i] = number();
    end[e].perKg = numbers(end[e].count);
  }
}

static int nodeOf(double at) {
  int node = (int)at;
  return node < 0 ? 0 : node > nodes - 2 ? nodes - 2 : node;
}

static void derivative(const double *y, double *out) {
  const double perStep = 1 / stepJkg;
  memset(out, 0, cells * sizeof(double));
  for (int i = 0; i < cells; i++) {
    const double at = y[i] * perStep;
    const int node = nodeOf(at);
    phi[i] = potential[node] + (at - node) * (potential[node + 1] - potential[node]);
  }
  for (int a = 0; a < axes; a++) {
    const int n = axis[a].cells, stride = axis[a].stride;
    for (int from = 0; from < cells; from += n * stride)
      for (int i = 0; i < n - 1; i++) {
        const double up = axis[a].up[i], down = axis[a].down[i];
        for (int p = from + i * stride; p < from + (i + 1) * stride; p++) {
          const double difference = phi[p + stride] - phi[p];
          out[p] += up * difference;
          out[p + stride] -= down * difference;
        }
      }
  }
  for (int e = 0; e < ends; e++)
    for (int c = 0; c < end[e].count; c++) {
      const int cell = end[e].cell[c];
      const double at = y[cell] * perStep;
      const int node = nodeOf(at);
      const double share = at - node, h = end[e].h;
      const double t = temperature[node] + share * (temperature[node + 1] - temperature[node]);
      const double k = conductivity[node] + share * (conductivity[node + 1] - conductivity[node]);
      const double inner = k / end[e].halfM;
      out[cell] -= (t - end[e].aroundC) * h * inner / (h + inner) * end[e].perKg[c];
    }
}

/* An upper bound of the spectral radius, 1/s. */
static double radiusOf(const double *y) {
  double low = INFINITY, high = -INFINITY, steepest = 0, kelvin = 0, k = 0, outer = 0;
  for (int i = 0; i < cells; i++) low = fmin(low, y[i]), high = fmax(high, y[i]);
  const int from = fmin(nodes - 2, fmax(0, floor(low / stepJkg) - 1));
  const int to = fmax(from + 1, fmin(nodes - 1, ceil(high / stepJkg) + 1));
  for (int i = from; i < to; i++) {
    steepest = fmax(steepest, potential[i + 1] - potential[i]);
    kelvin = fmax(kelvin, temperature[i + 1] - temperature[i]);
    k = fmax(k, conductivity[i]);
  }
  for (int e = 0; e < ends; e++)
    if (end[e].h > 0) outer += end[e].perKg[0] / (1 / end[e].h + end[e].halfM / k);
  return (geometry * steepest + outer * kelvin) / stepJkg;
}

/* Dormand and Prince, order 5(4), the last stage of a step the first of the next. */
static const double C[7][6] = {
    {0},
    {1. / 5},
    {3. / 40, 9. / 40},
    {44. / 45, -56. / 15, 32. / 9},
    {19372. / 6561, -25360. / 2187, 64448. / 6561, -212. / 729},
    {9017. / 3168, -355. / 33, 46732. / 5247, 49. / 176, -5103. / 18656},
    {35. / 384, 0, 500. / 1113, 125. / 192, -2187. / 6784, 11. / 84}};
static const double E[7] = {71. / 57600, 0, -71. / 16695, 71. / 1920, -17253. / 339200, 22. / 525, -1. / 40};

static void byPair(double *y, double **f, double *next) {
  double h = 1 / radiusOf(y);
  derivative(y, f[0]);
  for (double t = 0; t < untilS;) {
    h = fmin(h, untilS - t);
    for (int s = 1; s < 7; s++) {
      for (int i = 0; i < cells; i++) {
        double sum = 0;
        for (int j = 0; j < s; j++) sum += C[s][j] * f[j][i];
        next[i] = y[i] + h * sum;
      }
      derivative(next, f[s]);
    }
    double error = 0;
    for (int i = 0; i < cells; i++) {
      double sum = 0;
      for (int j = 0; j < 7; j++) sum += E[j] * f[j][i];
      error += h * sum / tolerance * h * sum / tolerance;
    }
    error = sqrt(error / cells);
    if (error <= 1) {
      t += h;
      memcpy(y, next, cells * sizeof(double));
      double *first = f[0];
      f[0] = f[6], f[6] = first;
    }
    h *= error > 0 ? fmin(5, fmax(.2, .9 * pow(error, -.2))) : 5;
  }
}

/* The product's own method; symbols as in core/src/thermal/chebyshev.ts. */
static double mu1[MOST_STAGES + 1], mu[MOST_STAGES + 1][MOST_STAGES + 1], nu[MOST_STAGES + 1][MOST_STAGES + 1];
static double muT[MOST_STAGES + 1][MOST_STAGES + 1], gaT[MOST_STAGES + 1][MOST_STAGES + 1];

static void coefficients(int s) {
  if (mu1[s] != 0) return;
  const double w0 = 1 + 2. / 13 / (s * s);
  double t[MOST_STAGES + 1], t1[MOST_STAGES + 1], t2[MOST_STAGES + 1], b[MOST_STAGES + 1];
  t[0] = 1, t[1] = w0, t1[0] = 0, t1[1] = 1, t2[0] = t2[1] = 0;
  for (int j = 2; j <= s; j++) {
    t[j] = 2 * w0 * t[j - 1] - t[j - 2];
    t1[j] = 2 * t[j - 1] + 2 * w0 * t1[j - 1] - t1[j - 2];
    t2[j] = 4 * t1[j - 1] + 2 * w0 * t2[j - 1] - t2[j - 2];
  }
  const double w1 = t1[s] / t2[s];
  for (int j = 2; j <= s; j++) b[j] = t2[j] / (t1[j] * t1[j]);
  b[0] = b[1] = b[2];
  for (int j = 2; j <= s; j++) {
    mu[s][j] = 2 * b[j] * w0 / b[j - 1];
    nu[s][j] = -b[j] / b[j - 2];
    muT[s][j] = 2 * b[j] * w1 / b[j - 1];
    gaT[s][j] = -(1 - b[j - 1] * t[j - 1]) * muT[s][j];
  }
  mu1[s] = b[1] * w1;
}

static void byChebyshev(double *y, double **f, double *y0) {
  double nextH = 0;
  derivative(y, f[0]);
  for (double t = 0; t < untilS;) {
    const double radius = radiusOf(y), most = untilS - t;
    double h = fmin(most, nextH > 0 ? nextH : 1 / radius);
    memcpy(y0, y, cells * sizeof(double));
    for (;;) {
      int s = 1 + (int)floor(sqrt(1 + 1.54 * h * radius));
      if (s > MOST_STAGES) s = MOST_STAGES, h = (s * s - 1) / (1.54 * radius);
      if (s < 2) s = 2;
      coefficients(s);
      double *before = f[2], *last = f[3], *next = f[4];
      memcpy(before, y0, cells * sizeof(double));
      for (int i = 0; i < cells; i++) last[i] = y0[i] + mu1[s] * h * f[0][i];
      for (int j = 2; j <= s; j++) {
        derivative(last, f[1]);
        const double m = mu[s][j], v = nu[s][j], mh = muT[s][j] * h, gh = gaT[s][j] * h, rest = 1 - m - v;
        for (int i = 0; i < cells; i++)
          next[i] = rest * y0[i] + m * last[i] + v * before[i] + mh * f[1][i] + gh * f[0][i];
        double *old = before;
        before = last, last = next, next = old;
      }
      memcpy(y, last, cells * sizeof(double));
      derivative(y, f[1]);
      double error = 0;
      for (int i = 0; i < cells; i++) {
        const double e = (12 * (y0[i] - y[i]) + 6 * h * (f[0][i] + f[1][i])) / (15 * tolerance);
        error += e * e;
      }
      error = sqrt(error / cells);
      const double factor = error > 0 ? .8 * pow(error, -1. / 3) : 5;
      if (error <= 1) {
        nextH = fmax(h * fmin(5, fmax(.1, factor)), h < most ? 0 : nextH);
        double *old = f[0];
        f[0] = f[1], f[1] = old;
        t += h;
        break;
      }
      h *= fmax(.1, factor), nextH = h;
    }
  }
}

int main(int count, char **words) {
  const int pair = count > 1 && strcmp(words[1], "pair") == 0;
  readProblem();
  double *y = vector(cells), *other = vector(cells), *f[7], best = INFINITY;
  for (int j = 0; j < 7; j++) f[j] = vector(cells);
  for (int round = 0; round <= ROUNDS; round++) {
    struct timespec from, to;
    clock_gettime(CLOCK_MONOTONIC, &from);
    memcpy(y, start, cells * sizeof(double));
    (pair ? byPair : byChebyshev)(y, f, other);
    clock_gettime(CLOCK_MONOTONIC, &to);
    const double ms = (to.tv_sec - from.tv_sec) * 1e3 + (to.tv_nsec - from.tv_nsec) / 1e6;
    if (round > 0) best = fmin(best, ms);
  }
  printf("%.6f\n", best);
  for (int i = 0; i < cells; i++) printf("%.9g\n", y[i]);
  return 0;
}
