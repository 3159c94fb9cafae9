import { mustBePositive, ThermalProblem } from './errors';
import { faces, type Face } from './shapes';

/** What a face of a body meets. */
export interface FaceEnvironment {
  /** Temperature around it, °C. */
  readonly temperatureC: number;
  /** Heat transfer coefficient h, convection and radiation together, W/(m²·K). */
  readonly h: number;
  /** Wetness w of an open surface: 0 covered or fatty, 0.5 moist solids, 1 open liquids. */
  readonly wetness?: number;
  /** A surface that dries: its wetness falls to 1/e with so much water lost, kg/m²; without it it stays as wet as it is. */
  readonly driesKgM2?: number;
  /** Where the air comes from that takes the vapour up, °C: an oven's is the kitchen's. `temperatureC` unless said. */
  readonly airFromC?: number;
}

/** What surrounds a body until a moment, by face; `rest` is for faces not named. */
export interface Segment {
  /** Seconds from the start; the last segment holds for ever. */
  readonly untilS: number;
  /** In a refrigerator of limited power: its air, not `temperatureC`, is around every face. */
  readonly cabinet?: true;
  readonly rest: FaceEnvironment;
  readonly faces?: Partial<Record<Face, FaceEnvironment>>;
}

export const faceOf = (segment: Segment, face: Face): FaceEnvironment =>
  segment.faces?.[face] ?? segment.rest;

/** Surroundings that cannot be: no segment, out of order, or a coefficient below nothing. */
export class EnvironmentProblem extends ThermalProblem {}

/** @throws EnvironmentProblem */
export function checkSegments(segments: readonly Segment[]): void {
  if (segments.length === 0) throw new EnvironmentProblem('A body must be somewhere.', 0);
  segments.forEach((segment, i) => {
    const from = segments[i - 1]?.untilS ?? 0;
    if (!(segment.untilS > from))
      throw new EnvironmentProblem(
        `A stay cannot end at ${segment.untilS} s, before it begins.`,
        segment.untilS,
      );
    for (const face of faces) {
      const { h, temperatureC, wetness = 0, driesKgM2 } = faceOf(segment, face);
      if (driesKgM2 !== undefined) mustBePositive('water a surface can lose', driesKgM2);
      if (!(h >= 0)) throw new EnvironmentProblem(`A coefficient cannot be ${h} W/(m²·K).`, h);
      if (!Number.isFinite(temperatureC))
        throw new EnvironmentProblem(`Surroundings cannot be at ${temperatureC} °C.`, temperatureC);
      if (!(wetness >= 0 && wetness <= 1))
        throw new EnvironmentProblem(`Wetness goes from 0 to 1, not to ${wetness}.`, wetness);
    }
  });
}

/** Whether two faces meet the same in every segment, so that the body is symmetric between them. */
export const sameThroughout = (segments: readonly Segment[], a: Face, b: Face): boolean =>
  segments.every((segment) => {
    const [x, y] = [faceOf(segment, a), faceOf(segment, b)];
    return (
      x.h === y.h &&
      x.temperatureC === y.temperatureC &&
      (x.wetness ?? 0) === (y.wetness ?? 0) &&
      x.driesKgM2 === y.driesKgM2 &&
      x.airFromC === y.airFromC
    );
  });

/**
 * A coefficient through a wall, a wrap or a lid: 1/h = 1/h_outer + δ/k_wall.
 *
 * @param thicknessM wall thickness δ, m
 * @param conductivity k of the wall, W/(m·K)
 */
export function throughWall(h: number, thicknessM: number, conductivity: number): number {
  mustBePositive('conductivity of a wall', conductivity);
  return h === 0 ? 0 : 1 / (1 / h + thicknessM / conductivity);
}
