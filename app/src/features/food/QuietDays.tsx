import type { Keeping } from '@omtel/core/judge';
import { isStoreRight } from '@omtel/core/clocks';
import { longDay, moment, monthName, shortDay } from '@omtel/core/time';
import { inTheCold, type FoodState } from '@omtel/core/trail';
import { DAY_MS, formatDuration, formatDurationUp, formatTemperature } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Line, Rect } from 'react-native-svg';
import { useStoreRecordQuery } from '../../store/api';
import { useKitchen } from '../../store/useKitchen';
import { RecordLink } from '../../ui/RecordLink';
import { useLook } from '../../ui/theme';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';

const HEIGHT = 40;
/** More marks than this are no days but a comb. */
const MOST_MARKS = 14;

const DAYS_NAMED = 6;
/** As wide as what to aim for and the end beside it, px. */
const AIM_ROOM = 110;

interface QuietDaysProps {
  readonly food: FoodState;
  readonly keeping: Keeping;
}

/** Food that lies quietly in the cold: how far it is through the time it keeps, and how cold the air around it is. */
export default function QuietDays({ food, keeping }: QuietDaysProps) {
  const { now, zone, units, rules } = useKitchen(food);
  const { colors } = useLook();
  const [width, setWidth] = useState(0);
  const { data } = useStoreRecordQuery();
  const { from, to, aimAt } = keeping;
  const left = to - now;
  const x = (at: number) => width * Math.min(1, Math.max(0, (at - from) / (to - from)));
  const days = Math.floor((to - from) / DAY_MS);
  // Days of a week are told by their names, under their marks.
  const isShort = keeping.for === 'safety' && days <= DAYS_NAMED;
  const marks = days <= MOST_MARKS ? Array.from({ length: days }, (_, i) => from + (i + 1) * DAY_MS) : [];
  const store = inTheCold(food.place) ? food.place : 'refrigerator';
  const air = data?.readings.find((reading) => reading.store === store);
  const day = (at: number) =>
    keeping.for === 'taste' ? monthName(at, zone) : isShort ? shortDay(at, zone) : longDay(at, zone);
  const said =
    keeping.for === 'taste'
      ? left >= 0
        ? `At its best for another ${formatDuration(left)}.`
        : 'Past its best; it is safe as long as it is frozen.'
      : left >= 0
        ? `${formatDuration(left)} left.`
        : `${formatDurationUp(left)} over.`;
  return (
    <View style={styles.group}>
      <Words face="strong">{said}</Words>
      <View
        role="img"
        aria-label={`${said} Counted from ${moment(from, now, zone)} to ${moment(to, now, zone)}${aimAt === null ? '' : `; aim for ${moment(aimAt, now, zone)}`}.`}
        onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
        style={styles.track}
      >
        {width > 0 && (
          <Svg width={width} height={HEIGHT}>
            <Rect x={0} y={0} width={width} height={HEIGHT} fill={colors.enamel} />
            {aimAt !== null && (
              <Rect x={x(aimAt)} y={0} width={width - x(aimAt)} height={HEIGHT} fill={colors.line} />
            )}
            <Rect x={0} y={0} width={x(now)} height={HEIGHT} fill={colors.rim} opacity={0.18} />
            {marks.map((at) => (
              <Line
                key={at}
                x1={x(at)}
                x2={x(at)}
                y1={HEIGHT - 10}
                y2={HEIGHT}
                stroke={colors.outline}
                strokeWidth={1.5}
              />
            ))}
            <Line x1={x(now)} x2={x(now)} y1={0} y2={HEIGHT} stroke={colors.rim} strokeWidth={4} />
            <Rect
              x={0.75}
              y={0.75}
              width={width - 1.5}
              height={HEIGHT - 1.5}
              fill="none"
              stroke={colors.outline}
              strokeWidth={1.5}
            />
          </Svg>
        )}
      </View>
      <View style={styles.ends}>
        <Words size="small" tone="soft">
          {day(from)}
        </Words>
        {aimAt !== null && (
          <Words
            size="small"
            tone="soft"
            style={isShort && { position: 'absolute', left: Math.min(x(aimAt), width - AIM_ROOM) }}
          >{`aim for ${day(aimAt)}`}</Words>
        )}
        <Words size="small" tone="soft">
          {day(to)}
        </Words>
      </View>
      <View style={styles.air}>
        <Words style={styles.grow} tone={!air || isStoreRight(store, air.temperature, rules) ? 'ink' : 'hot'}>
          {air
            ? `Air of the ${store}: ${formatTemperature(air.temperature, units)}, ${moment(air.at, now, zone)}`
            : `Nobody has read the air of the ${store} yet.`}
        </Words>
        <RecordLink store={store} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.xs },
  track: { height: HEIGHT },
  ends: { flexDirection: 'row', justifyContent: 'space-between', gap: space.s },
  air: { flexDirection: 'row', alignItems: 'center', gap: space.s },
  grow: { flex: 1 },
});
