/** A system of ordinary differential equations, dy/dt = f(y), stiff as diffusion is: real and negative throughout. */
export interface DiffusiveSystem {
  readonly size: number;
  /** The error each component may make in a step. */
  readonly tolerance: Float64Array;
  /** Writes f(y) into `out`. */
  derivative(y: Float64Array, out: Float64Array): void;
  /** An upper bound of the spectral radius of ∂f/∂y near y, 1/s. */
  spectralRadius(y: Float64Array): number;
}

/** Damping of the stability polynomial, which keeps it away from ±1 inside its interval. */
const DAMPING = 2 / 13;
const MOST_STAGES = 80;
const SAFETY = 0.8;
const SETTLED = 0.1;
const [LEAST_FACTOR, MOST_FACTOR] = [0.1, 5];

/** Coefficients of the s-stage method, indexed by stage. */
interface Coefficients {
  readonly muTilde1: number;
  readonly mu: Float64Array;
  readonly nu: Float64Array;
  readonly muTilde: Float64Array;
  readonly gammaTilde: Float64Array;
}

const cache = new Map<number, Coefficients>();

/**
 * Second-order Runge–Kutta–Chebyshev coefficients: B. P. Sommeijer, L. F. Shampine, J. G. Verwer, "RKC: an explicit
 * solver for parabolic PDEs", J. Comput. Appl. Math. 88 (1998). Symbols as there.
 */
function coefficients(s: number): Coefficients {
  const found = cache.get(s);
  if (found) return found;
  const w0 = 1 + DAMPING / (s * s);
  // Chebyshev polynomials at w0 with first and second derivatives, by their recurrences.
  const t = new Float64Array(s + 1).fill(1);
  const t1 = new Float64Array(s + 1);
  const t2 = new Float64Array(s + 1);
  t[1] = w0;
  t1[1] = 1;
  for (let j = 2; j <= s; j++) {
    t[j] = 2 * w0 * t[j - 1]! - t[j - 2]!;
    t1[j] = 2 * t[j - 1]! + 2 * w0 * t1[j - 1]! - t1[j - 2]!;
    t2[j] = 4 * t1[j - 1]! + 2 * w0 * t2[j - 1]! - t2[j - 2]!;
  }
  const w1 = t1[s]! / t2[s]!;
  const b = new Float64Array(s + 1);
  for (let j = 2; j <= s; j++) b[j] = t2[j]! / t1[j]! ** 2;
  b[0] = b[1] = b[2]!;
  const [mu, nu, muTilde, gammaTilde] = [0, 0, 0, 0].map(() => new Float64Array(s + 1)) as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  for (let j = 2; j <= s; j++) {
    mu[j] = (2 * b[j]! * w0) / b[j - 1]!;
    nu[j] = -b[j]! / b[j - 2]!;
    muTilde[j] = (2 * b[j]! * w1) / b[j - 1]!;
    gammaTilde[j] = -(1 - b[j - 1]! * t[j - 1]!) * muTilde[j]!;
  }
  const made = { muTilde1: b[1]! * w1, mu, nu, muTilde, gammaTilde };
  cache.set(s, made);
  return made;
}

/**
 * Steps a diffusive system forward, explicit and yet stable for any step: the longer the step, the more stages it takes,
 * and a step of s stages reaches about s² times as far as one of the plain kind. Each stage is a combination of
 * derivatives, so whatever the system conserves stays conserved to rounding.
 */
export class ChebyshevStepper {
  private readonly y0: Float64Array;
  private f0: Float64Array;
  private f1: Float64Array;
  private readonly stages: [Float64Array, Float64Array, Float64Array];
  private nextS: number | null = null;
  private fresh = false;

  constructor(
    private readonly system: DiffusiveSystem,
    /** The state, stepped in place. */
    readonly y: Float64Array,
  ) {
    const vector = () => new Float64Array(system.size);
    this.y0 = vector();
    this.f0 = vector();
    this.f1 = vector();
    this.stages = [vector(), vector(), vector()];
  }

  /** To be called when something outside the state changed what drives it: the surroundings, a thermostat. */
  changed(): void {
    this.fresh = false;
  }

  /** f(y) at the present state. */
  derivative(): Float64Array {
    if (!this.fresh) {
      this.system.derivative(this.y, this.f0);
      this.fresh = true;
    }
    return this.f0;
  }

  /** Whether all moves less than a small part of its tolerance for so long: what decays moves less later than now. */
  isSettledFor(s: number): boolean {
    const { tolerance } = this.system;
    return this.derivative().every((rate, i) => Math.abs(rate) * s <= SETTLED * tolerance[i]!);
  }

  /**
   * Takes one step within the tolerance, no longer than asked.
   *
   * @param mostS longest step, s
   * @returns the step taken, s
   */
  step(mostS: number): number {
    this.derivative();
    this.y0.set(this.y);
    const radius = this.system.spectralRadius(this.y);
    let h = Math.min(mostS, this.nextS ?? 1 / radius);
    for (;;) {
      let s = 1 + Math.floor(Math.sqrt(1 + 1.54 * h * radius));
      if (s > MOST_STAGES) {
        s = MOST_STAGES;
        h = (s * s - 1) / (1.54 * radius);
      }
      this.advance(Math.max(2, s), h);
      const error = this.error(h);
      const factor = error > 0 ? SAFETY * error ** (-1 / 3) : MOST_FACTOR;
      if (error <= 1) {
        // A step cut short by its limit says little about how long the next may be.
        this.nextS = Math.max(
          h * Math.min(MOST_FACTOR, Math.max(LEAST_FACTOR, factor)),
          h < mostS ? 0 : (this.nextS ?? 0),
        );
        [this.f0, this.f1] = [this.f1, this.f0];
        return h;
      }
      h *= Math.max(LEAST_FACTOR, factor);
      this.nextS = h;
    }
  }

  /**
   * The state within the step just taken, by the cubic through both its ends and their derivatives.
   *
   * @param share 0 at its start, 1 at its end
   * @param h the step, s
   */
  within(share: number, h: number, out: Float64Array): void {
    const { y, y0, f0: end, f1: start } = this;
    const t = share;
    const [a, b] = [(1 + 2 * t) * (1 - t) * (1 - t), t * t * (3 - 2 * t)];
    const [c, d] = [h * t * (1 - t) * (1 - t), h * t * t * (t - 1)];
    for (let i = 0; i < out.length; i++) out[i] = a * y0[i]! + b * y[i]! + c * start[i]! + d * end[i]!;
  }

  /** Y_j = (1 − μ_j − ν_j)Y_0 + μ_j Y_{j−1} + ν_j Y_{j−2} + μ̃_j h F_{j−1} + γ̃_j h F_0. */
  private advance(s: number, h: number): void {
    const { muTilde1, mu, nu, muTilde, gammaTilde } = coefficients(s);
    const { y0, f0, f1, system } = this;
    const n = system.size;
    let [before, last, next] = this.stages;
    before.set(y0);
    for (let i = 0; i < n; i++) last[i] = y0[i]! + muTilde1 * h * f0[i]!;
    for (let j = 2; j <= s; j++) {
      system.derivative(last, f1);
      const [m, v, mh, gh] = [mu[j]!, nu[j]!, muTilde[j]! * h, gammaTilde[j]! * h];
      const rest = 1 - m - v;
      for (let i = 0; i < n; i++)
        next[i] = rest * y0[i]! + m * last[i]! + v * before[i]! + mh * f1[i]! + gh * f0[i]!;
      [before, last, next] = [last, next, before];
    }
    this.y.set(last);
    system.derivative(this.y, f1);
  }

  /** Estimated local error against the tolerance, root mean square: (12(y_n − y_{n+1}) + 6h(f_n + f_{n+1}))/15. */
  private error(h: number): number {
    const { y, y0, f0, f1, system } = this;
    const { size, tolerance } = system;
    let sum = 0;
    for (let i = 0; i < size; i++) {
      const estimate = (12 * (y0[i]! - y[i]!) + 6 * h * (f0[i]! + f1[i]!)) / (15 * tolerance[i]!);
      sum += estimate * estimate;
    }
    return Math.sqrt(sum / size);
  }
}
