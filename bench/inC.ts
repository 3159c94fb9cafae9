import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import type { Body } from '../core/src/thermal/body';
import { faceOf, type Segment } from '../core/src/thermal/environment';

/** How the reference steps: with a general pair of Runge and Kutta's, or with the product's own method. */
export type Method = 'pair' | 'chebyshev';

/** The least time of several runs, ms, and the enthalpy of each cell at the end, J/kg. */
interface Answer {
  readonly ms: number;
  readonly y: readonly number[];
}

export interface Reference {
  readonly solve: (method: Method, tolerance: number) => Answer;
  readonly close: () => void;
}

/**
 * The same equations in C, compiled here; null where there is no compiler.
 *
 * @param body a body without a cabinet, of which nothing evaporates, in its segment
 */
export function inC(body: Body, segment: Segment, start: Float64Array, untilS: number): Reference | null {
  const folder = mkdtempSync(join(tmpdir(), 'omtel-reference-'));
  const close = () => rmSync(folder, { recursive: true, force: true });
  const program = join(folder, 'conduction');
  const compiled = spawnSync('cc', ['-O2', '-o', program, resolve('bench', 'conduction.c'), '-lm']);
  if (compiled.status !== 0) {
    close();
    return null;
  }
  const solve = (method: Method, tolerance: number): Answer => {
    const input = problem(body, segment, start, tolerance, untilS);
    const { stdout, status } = spawnSync(program, [method], { input, encoding: 'utf8' });
    if (status !== 0) throw new Error('The reference could not read its problem.');
    const [ms, ...y] = stdout.trim().split('\n').map(Number);
    return { ms: ms!, y };
  };
  return { solve, close };
}

/** The equations as the reference reads them, number by number. */
function problem(
  { grid, material, geometry }: Body,
  segment: Segment,
  start: Float64Array,
  tolerance: number,
  untilS: number,
): string {
  const { densityKgM3: rho, stepJkg, temperature, potential, conductivity } = material;
  const all: ArrayLike<number>[] = [
    [grid.cells, temperature.length, grid.axes.length, grid.ends.length],
    [stepJkg, geometry, tolerance, untilS],
    temperature,
    potential,
    conductivity,
    start.subarray(0, grid.cells),
    ...grid.axes.flatMap(({ cells, conductance, volume }, a) => [
      [cells, grid.strides[a]!],
      conductance.map((g, i) => g / (rho * volume[i]!)),
      conductance.map((g, i) => g / (rho * volume[i + 1]!)),
    ]),
    ...grid.ends.flatMap(({ face, cells, areaM2, halfM }) => {
      const { h, temperatureC } = faceOf(segment, face);
      return [
        [cells.length, halfM, h, temperatureC],
        cells,
        areaM2.map((area, c) => area / (rho * grid.volume[cells[c]!]!)),
      ];
    }),
  ];
  return all.map((numbers) => Array.from(numbers).join(' ')).join('\n');
}
