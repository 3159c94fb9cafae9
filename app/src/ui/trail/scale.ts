import type { Sketch } from '@omtel/core/trail';

export interface Frame {
  readonly width: number;
  readonly height: number;
  readonly left: number;
  readonly top: number;
  readonly bottom: number;
}

/** The stretch of time and the temperatures that a drawing must show. */
export interface Window {
  readonly from: number;
  readonly to: number;
  readonly temperaturesC: readonly number[];
  /** Shows these temperatures and little else, whatever they are to the growth band. */
  readonly closeUp?: boolean;
}

export interface Scale {
  readonly x: (at: number) => number;
  readonly y: (temperatureC: number) => number;
}

/** A curve for drawing: times in the window's own count, and temperatures. */
export interface Curve {
  readonly at: readonly number[];
  readonly temperatureC: readonly number[];
}

const MINUTES_OF_TICKS = [
  5, 10, 15, 30, 60, 120, 180, 360, 720, 1440, 2880, 5760, 10_080, 20_160, 43_200, 129_600,
];
const MOST_TICKS = 4;

/**
 * Round moments along the time axis: whole quarters, hours or days counted from `origin`, as many as have room.
 *
 * @param minute how long a minute is in the window's own count
 */
export function ticksOf({ from, to }: Pick<Window, 'from' | 'to'>, origin: number, minute: number): number[] {
  const steps = MINUTES_OF_TICKS.map((minutes) => minutes * minute);
  const step = steps.find((each) => (to - from) / each < MOST_TICKS) ?? steps.at(-1)!;
  const first = origin + Math.ceil((from - origin) / step) * step;
  return Array.from({ length: Math.floor((to - first) / step) + 1 }, (_, i) => first + i * step);
}

const ROOM_C = 6;
const CLOSE_C = 1.5;

/** As much of the growth band as shows above food that lies quietly in the cold, K. */
const SEEN_ABOVE_COLD_K = 5;

/**
 * Fits a window into a frame: time along, temperature upwards. The growth band is in sight whole where the food came into
 * it; above food that stayed cold only where it begins.
 */
export function scaleOf(
  { from, to, temperaturesC, closeUp }: Window,
  bandC: { low: number; high: number },
  { width, height, left, top, bottom }: Frame,
): Scale {
  const coldest = temperaturesC.reduce((a, b) => Math.min(a, b), closeUp ? Infinity : bandC.low);
  const hottest = temperaturesC.reduce((a, b) => Math.max(a, b), -Infinity);
  const low = coldest - (closeUp ? CLOSE_C : ROOM_C);
  const high = closeUp
    ? hottest + CLOSE_C
    : temperaturesC.length > 0 && hottest <= bandC.low
      ? bandC.low + SEEN_ABOVE_COLD_K
      : Math.max(hottest, bandC.high) + ROOM_C;
  const span = Math.max(1, to - from);
  return {
    x: (at) => left + ((at - from) / span) * (width - left),
    y: (temperatureC) => top + ((high - temperatureC) / (high - low)) * (height - top - bottom),
  };
}

/** The window that shows a trail from where it is drawn on. */
export const windowOf = ({ from, to, line }: Sketch): Window => ({
  from,
  to,
  temperaturesC: line.filter(({ at }) => at >= from).map(({ temperatureC }) => temperatureC),
});

/** The path of a trail's line from where it is drawn on, as SVG. */
export function pathOf({ line, from }: Sketch, scale: Scale): string {
  const first = line.findIndex(({ at }) => at >= from);
  const shown = line.slice(Math.max(0, first - 1));
  return curvePath(
    {
      at: shown.map(({ at }) => Math.max(at, from)),
      temperatureC: shown.map(({ temperatureC }) => temperatureC),
    },
    scale,
  );
}

/** A curve as an SVG path. */
export const curvePath = ({ at, temperatureC }: Curve, { x, y }: Scale): string =>
  at.map((t, i) => `${i ? 'L' : 'M'}${round(x(t))} ${round(y(temperatureC[i]!))}`).join('');

/** The field between two curves as a closed SVG path. */
export const fieldPath = (a: Curve, b: Curve, scale: Scale): string =>
  `${curvePath(a, scale)}${curvePath({ at: [...b.at].reverse(), temperatureC: [...b.temperatureC].reverse() }, scale).replace('M', 'L')}Z`;

const round = (n: number): number => Math.round(n * 10) / 10;

/** Which temperatures lie at the bottom and the top of a frame. */
export function rangeOf(y: (temperatureC: number) => number, bottom: number, top: number) {
  const perK = y(0) - y(1);
  const at = (px: number) => (y(0) - px) / perK;
  return { low: at(bottom), high: at(top) };
}
