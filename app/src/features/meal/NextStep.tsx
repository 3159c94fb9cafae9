import { toDo, type Cook, type MealLine, type MealStep } from '@omtel/core/meal';
import type { StepWords } from '@omtel/core/plan';
import { clockWords, dayName, daysBetween } from '@omtel/core/time';
import { formatDuration, MINUTE_MS } from '@omtel/core/units';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Panel } from '../../ui/Panel';
import { useWide } from '../../ui/theme';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';

interface NextStepProps {
  readonly line: MealLine;
  readonly step: MealStep;
  readonly words: StepWords;
  readonly cooks: readonly Cook[];
  /** What stands above it, and below. */
  readonly head?: ReactNode;
  readonly foot?: ReactNode;
}

/** What is to be done now, large, and what comes after it. */
export function NextStep({ line, step, words, cooks, head, foot }: NextStepProps) {
  const { now, zone } = useKitchen();
  const { at } = step;
  const name = cooks.length > 1 ? cooks.find(({ id }) => id === step.cook)?.name : undefined;
  const wide = useWide();
  const [, after] = toDo(line, now);
  return (
    <Panel edge="rim">
      {head}
      <View style={wide ? styles.beside : styles.words}>
        <View style={styles.head}>
          <View style={styles.time}>
            <Words size="numeral" face="display" tabular>
              {clockWords(at, zone)}
            </Words>
            <Words size="title" face="strong" tone="soft" style={styles.left}>
              {leftWords(at, now, zone)}
            </Words>
          </View>
          {name && (
            <Words face="strong" tone="rim">
              {`for ${name}`}
            </Words>
          )}
        </View>
        <View style={[styles.words, wide && styles.grow]}>
          <Heading>{words.title}</Heading>
          <Words>{words.detail}</Words>
          {after && (
            <Words tone="soft">
              {after.at > Math.max(at, now)
                ? `Then nothing until ${clockWords(after.at, zone)}.`
                : 'More is due with it; this comes first.'}
            </Words>
          )}
        </View>
      </View>
      {foot}
    </Panel>
  );
}

/** What is left until a moment, its day before where it is not today's. */
function leftWords(at: number, now: number, zone: string): string {
  if (Math.abs(at - now) < MINUTE_MS) return 'now';
  if (at < now) return `${formatDuration(now - at)} late`;
  const left = formatDuration(at - now);
  return daysBetween(now, at, zone) > 0 ? `${dayName(at, now, zone)}, in ${left}` : left;
}

const styles = StyleSheet.create({
  head: {
    flexDirection: 'row',
    justifyContent: 'space-between',
    alignItems: 'baseline',
    flexWrap: 'wrap',
    columnGap: space.m,
  },
  time: { flexDirection: 'row', alignItems: 'baseline', flexWrap: 'wrap', columnGap: space.m, flexShrink: 1 },
  left: { flexShrink: 1 },
  beside: { flexDirection: 'row', alignItems: 'center', columnGap: space.xxl },
  words: { gap: space.s },
  grow: { flex: 1 },
});
