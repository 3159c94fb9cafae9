import type { Sketch } from '@omtel/core/trail';

export interface Frame {
  readonly width: number;
  readonly height: number;
  readonly left: number;
  readonly top: number;
  readonly bottom: number;
}

export interface Scale {
  readonly x: (at: number) => number;
  readonly y: (temperatureC: number) => number;
}

const ROOM_C = 6;

/** Fits a trail into a frame: time along, temperature upwards, the growth band always in sight. */
export function scaleOf(
  sketch: Sketch,
  bandC: { low: number; high: number },
  { width, height, left, top, bottom }: Frame,
): Scale {
  const shown = sketch.line.filter(({ at }) => at >= sketch.from).map(({ temperatureC }) => temperatureC);
  const low = Math.min(bandC.low, ...shown) - ROOM_C;
  const high = Math.max(bandC.high, ...shown) + ROOM_C;
  const span = Math.max(1, sketch.to - sketch.from);
  return {
    x: (at) => left + ((at - sketch.from) / span) * (width - left),
    y: (temperatureC) => top + ((high - temperatureC) / (high - low)) * (height - top - bottom),
  };
}

/** The path of a trail's line from where it is drawn on, as SVG. */
export function pathOf(sketch: Sketch, { x, y }: Scale): string {
  const points = sketch.line;
  const first = points.findIndex(({ at }) => at >= sketch.from);
  const shown = points.slice(Math.max(0, first - 1));
  return shown
    .map(
      ({ at, temperatureC }, i) =>
        `${i ? 'L' : 'M'}${round(x(Math.max(at, sketch.from)))} ${round(y(temperatureC))}`,
    )
    .join('');
}

const round = (n: number): number => Math.round(n * 10) / 10;
