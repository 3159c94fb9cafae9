import { formatDuration, axisDegrees, toCelsius, type Temperature, type UnitSystem } from '@omtel/core/units';
import { useId, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import Svg, { ClipPath, Defs, G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { Hatch } from '../Hatch';
import { fonts, space } from '../tokens';
import { useLook } from '../theme';
import { scaleOf, type Frame, type Scale, type Window } from './scale';

export interface PlotProps {
  /** What a screen reader says of the whole drawing. */
  readonly name: string;
  readonly window: Window;
  /** The growth band between its bounds. */
  readonly band: { readonly low: Temperature; readonly high: Temperature };
  /** Other limits, drawn as lines with their value. */
  readonly limits?: readonly Temperature[];
  /** Temperatures told beside the frame without a line. */
  readonly degrees?: readonly Temperature[];
  readonly units: UnitSystem;
  /** The moments that are told under the time axis, in the order they come. */
  readonly ticks: readonly number[];
  readonly tick: (at: number) => string;
  /** Lines and bands, kept inside the frame. */
  readonly inside: (scale: Scale, frame: Frame) => ReactNode;
  /** Points and signs, which may stick out of it. */
  readonly over?: (scale: Scale, frame: Frame) => ReactNode;
  /** What is drawn by other means, laid over the same frame. */
  readonly beside?: (scale: Scale, frame: Frame) => ReactNode;
}

export const PLOT_HEIGHT = 210;
const AXIS_HEIGHT = 40;
const LINE_OF_TEXT = 16;
/** About half of what is written under a tick, px. */
const HALF_TICK = 32;
/** The room at the left for the degrees, px. */
export const DEGREES_ROOM = 48;

/**
 * The one drawing of temperature over time: cold below, hot above, the growth band hatched between. What runs through
 * it, a trail or forecasts, is drawn by its owner.
 */
export function Plot({
  name,
  window,
  band,
  limits = [],
  degrees = [],
  units,
  ticks,
  tick,
  inside,
  over,
  beside,
}: PlotProps) {
  const { colors, sizes } = useLook();
  const [width, setWidth] = useState(0);
  const id = useId().replaceAll(':', '');
  const frame: Frame = {
    width: width - space.s,
    height: PLOT_HEIGHT,
    left: DEGREES_ROOM,
    top: space.s,
    bottom: AXIS_HEIGHT,
  };
  const { x, y } = scaleOf(window, { low: toCelsius(band.low), high: toCelsius(band.high) }, frame);
  const scale = { x, y };
  const [top, bottom] = [Math.max(0, y(toCelsius(band.high))), y(toCelsius(band.low))];
  const inSight = (at: Temperature) => y(toCelsius(at)) >= 0;
  // Two figures on one line are none: a limit goes before the edge of the band.
  const clear = (at: Temperature) =>
    limits.every((limit) => Math.abs(y(toCelsius(at)) - y(toCelsius(limit))) >= LINE_OF_TEXT);
  const label = { fontFamily: fonts.text, fontSize: sizes.small, fill: colors.soft };
  const limit = (at: Temperature, tone: string, told = true) => (
    <G key={`${at.value}${at.unit}`}>
      <Line
        x1={frame.left}
        x2={frame.width}
        y1={y(toCelsius(at))}
        y2={y(toCelsius(at))}
        stroke={tone}
        strokeWidth={1.5}
      />
      {told && (
        <SvgText {...label} x={frame.left - 6} y={y(toCelsius(at)) + 5} textAnchor="end">
          {axisDegrees(at, units)}
        </SvgText>
      )}
    </G>
  );

  return (
    <View
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
      style={{ minHeight: PLOT_HEIGHT }}
    >
      {width > 0 && (
        <View role="img" aria-label={name}>
          <Svg width={width} height={PLOT_HEIGHT}>
            <Defs>
              <Hatch id={`hatch${id}`} />
              <ClipPath id={`clip${id}`}>
                <Rect x={frame.left} y={0} width={frame.width - frame.left} height={PLOT_HEIGHT} />
              </ClipPath>
            </Defs>
            {[colors.band, `url(#hatch${id})`].map((fill) => (
              <Rect
                key={fill}
                x={frame.left}
                y={top}
                width={frame.width - frame.left}
                height={Math.max(0, bottom - top)}
                fill={fill}
              />
            ))}
            {[band.high, band.low].filter(inSight).map((at) => limit(at, colors.bandEdge, clear(at)))}
            {limits.filter(inSight).map((at) => limit(at, colors.ink))}
            {degrees.filter(inSight).map((at) => (
              <SvgText key={at.value} {...label} x={frame.left - 6} y={y(toCelsius(at)) + 5} textAnchor="end">
                {axisDegrees(at, units)}
              </SvgText>
            ))}
            <G clipPath={`url(#clip${id})`}>{inside(scale, frame)}</G>
            {over?.(scale, frame)}
            {ticks.map((at) => (
              <SvgText key={at} {...label} x={x(at)} y={PLOT_HEIGHT - 6} textAnchor={anchorOf(x(at), frame)}>
                {tick(at)}
              </SvgText>
            ))}
          </Svg>
        </View>
      )}
      {width > 0 && beside?.(scale, frame)}
    </View>
  );
}

/** In the middle under its moment, but for one so near an edge that it would stick out. */
const anchorOf = (x: number, { left, width }: Frame): 'start' | 'middle' | 'end' =>
  x < left + HALF_TICK ? 'start' : x > width - HALF_TICK ? 'end' : 'middle';

/** Hours from the start, for forecasts without a clock time: "6 h". */
export const elapsedTick = (ms: number): string => (ms === 0 ? 'start' : formatDuration(ms));
