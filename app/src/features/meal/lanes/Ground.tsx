import type { Cook, MealLine, OutOfCold } from '@omtel/core/meal';
import type { PlannedDish } from '@omtel/core/record';
import type { Interval } from '@omtel/core/time';
import { useId } from 'react';
import { StyleSheet } from 'react-native';
import Svg, { Circle, Defs, Line, Pattern, Rect } from 'react-native-svg';
import { useKitchen } from '../../../store/useKitchen';
import { Hatch } from '../../../ui/Hatch';
import { useLook } from '../../../ui/theme';
import { corner, space } from '../../../ui/tokens';
import { absences, hourMarks } from './lanes';

/** The room at the left for names, and how high the rows are, px. */
export const NAMES = 176;
export const BUSY = 28;
export const COLD = 36;
export const HEAD = 28;

interface GroundProps {
  readonly width: number;
  readonly height: number;
  readonly hours: Interval;
  readonly line: MealLine;
  readonly cooks: readonly Cook[];
  readonly dishes: readonly (OutOfCold & { readonly dish: PlannedDish })[];
  /** Where cooks and dishes begin. */
  readonly top: { readonly cooks: number; readonly dishes: number };
  readonly x: (at: number) => number;
}

/** What lies under the lanes: hours, who is busy or away, what is out of the cold, now and the table. */
export function Ground({ width, height, hours, line, cooks, dishes, top, x }: GroundProps) {
  const { now } = useKitchen();
  const { colors } = useLook();
  const id = useId().replaceAll(':', '');
  return (
    <Svg width={width} height={height} style={styles.under} aria-hidden>
      <Defs>
        <Hatch id={`hatch${id}`} />
        <Pattern id={`away${id}`} width={8} height={8} patternUnits="userSpaceOnUse">
          <Circle cx={2} cy={2} r={1.2} fill={colors.outline} />
        </Pattern>
      </Defs>
      {hourMarks(hours).map((at) => (
        <Line
          key={at}
          x1={NAMES + x(at)}
          x2={NAMES + x(at)}
          y1={HEAD}
          y2={height}
          stroke={colors.line}
          strokeWidth={1.5}
        />
      ))}
      {[top.cooks, top.dishes].map((y) => (
        <Line key={y} x1={0} x2={width} y1={y - space.s} y2={y - space.s} stroke={colors.ink} />
      ))}
      {cooks.map(({ id: cook, free }, index) =>
        absences(free, hours).map(({ from, to }) => (
          <Rect
            key={`${cook} ${from}`}
            x={NAMES + x(from)}
            y={top.cooks + index * (BUSY + space.m)}
            width={x(to) - x(from)}
            height={BUSY}
            fill={`url(#away${id})`}
          />
        )),
      )}
      {cooks.map(({ id: cook }, index) =>
        line.doing
          .filter((each) => each.cook === cook && each.to > hours.from && each.from < hours.to)
          .map(({ task, from, to }) => (
            <Rect
              key={`${task} ${from}`}
              x={NAMES + x(from) + 1}
              y={top.cooks + index * (BUSY + space.m)}
              width={Math.max(3, x(to) - x(from) - 2)}
              height={BUSY}
              rx={corner.s}
              fill={colors.rim}
            />
          )),
      )}
      {dishes.map(({ dish, spans }, index) => {
        const y = top.dishes + index * (COLD + space.s);
        return spans.map(({ from, to }) =>
          [colors.band, `url(#hatch${id})`].map((fill) => (
            <Rect
              key={`${dish.id} ${from} ${fill}`}
              x={NAMES + x(from)}
              y={y}
              width={Math.max(0, x(to) - x(from))}
              height={COLD}
              fill={fill}
              stroke={colors.bandEdge}
            />
          )),
        );
      })}
      {now > hours.from && now < hours.to && (
        <Line
          x1={NAMES + x(now)}
          x2={NAMES + x(now)}
          y1={HEAD}
          y2={height}
          stroke={colors.rim}
          strokeWidth={3}
        />
      )}
      <Line
        x1={NAMES + x(line.serveAt)}
        x2={NAMES + x(line.serveAt)}
        y1={HEAD}
        y2={height}
        stroke={colors.ink}
        strokeWidth={5}
      />
    </Svg>
  );
}

const styles = StyleSheet.create({ under: { position: 'absolute', top: 0, left: 0 } });
