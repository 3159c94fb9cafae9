import { fivesLater, onFive } from '@omtel/core/meal';
import { clockWords } from '@omtel/core/time';
import { formatDuration } from '@omtel/core/units';
import { useState } from 'react';
import { type PointerEvent, StyleSheet, View } from 'react-native';
import { useKitchen } from '../../../store/useKitchen';
import { useLook } from '../../../ui/theme';
import { corner, space } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import type { LaneTask } from './lanes';

interface TaskBarProps {
  readonly placed: LaneTask;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly perMs: number;
  /** It began before what is drawn. */
  readonly since: boolean;
  readonly chosen: boolean;
  readonly onChoose: () => void;
  readonly onMoveTo: (at: number) => void;
}

/** A finger that moved less meant a press. */
const SLOP = 6;

/** One task in its lane: pressed it opens, dragged or moved by the arrow keys it gets a time it stays at. */
export function TaskBar({
  placed,
  x,
  y,
  width,
  height,
  perMs,
  since,
  chosen,
  onChoose,
  onMoveTo,
}: TaskBarProps) {
  const { now, zone } = useKitchen();
  const { colors } = useLook();
  const { task, label, from, to, step } = placed;
  const [grip, setGrip] = useState<{ readonly at: number; readonly dragged: number } | null>(null);
  const dragged = grip?.dragged ?? 0;
  const fixed = !step || step.doneAt !== null;
  const pointer = {
    onPointerDown: ({ currentTarget, nativeEvent }: PointerEvent) => {
      (currentTarget as unknown as Element).setPointerCapture(nativeEvent.pointerId);
      setGrip({ at: nativeEvent.clientX, dragged: 0 });
    },
    onPointerMove: ({ nativeEvent }: PointerEvent) => {
      if (grip && !fixed) setGrip({ ...grip, dragged: nativeEvent.clientX - grip.at });
    },
    onPointerCancel: () => setGrip(null),
    onPointerUp: () => {
      setGrip(null);
      if (!grip) return;
      if (Math.abs(dragged) < SLOP) onChoose();
      else onMoveTo(onFive(from + dragged / perMs));
    },
  };
  const keys = {
    tabIndex: 0,
    onKeyDown: (event: { key: string; preventDefault: () => void }) => {
      const by = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
      if (by !== 0 && !fixed) {
        event.preventDefault();
        onMoveTo(fivesLater(from, by));
      } else if (event.key === 'Enter' || event.key === ' ') {
        event.preventDefault();
        onChoose();
      }
    },
  } as object;
  return (
    <View
      role="button"
      aria-label={`${label}, ${clockWords(from, zone)} to ${clockWords(to, zone)}, ${formatDuration(to - from)}${task.pinned ? ', stays at its time' : ''}`}
      aria-expanded={chosen}
      {...keys}
      {...pointer}
      style={[
        styles.bar,
        {
          left: x,
          top: y,
          width: Math.max(width, 6),
          height,
          backgroundColor: colors.enamel,
          borderColor: chosen || task.pinned ? colors.rim : colors.ink,
          borderWidth: chosen || task.pinned ? 3 : 1.5,
          transform: [{ translateX: dragged }],
          opacity: to <= now ? 0.6 : 1,
        },
        since && styles.since,
      ]}
    >
      {dragged !== 0 ? (
        <Words size="small" face="strong" tabular numberOfLines={1}>
          {clockWords(onFive(from + dragged / perMs), zone)}
        </Words>
      ) : (
        <Words size="small" face="strong" numberOfLines={1} style={styles.words}>
          {label}
        </Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  bar: {
    position: 'absolute',
    borderRadius: corner.m,
    justifyContent: 'center',
    paddingHorizontal: space.xs,
    overflow: 'hidden',
    userSelect: 'none',
  },
  since: { borderTopLeftRadius: 0, borderBottomLeftRadius: 0, borderLeftWidth: 0 },
  words: { flexShrink: 1 },
});
