import { timerWords, underWay } from '@omtel/core/meal';
import { clockWords } from '@omtel/core/time';
import type { FoodState, MealState } from '@omtel/core/trail';
import { formatDuration, formatDurationUp, MINUTE_MS } from '@omtel/core/units';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Rows } from '../../ui/Rows';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';

interface UnderWayProps {
  readonly meal: MealState;
  readonly foods: readonly FoodState[];
}

/** A timer for each thing that runs; one that is over counts on. */
export function UnderWay({ meal, foods }: UnderWayProps) {
  const { now, zone } = useKitchen();
  const timers = underWay(meal, foods);
  if (timers.length === 0) return null;
  return (
    <Rows title="Under way">
      {timers.map((timer) => {
        const over = timer.endsAt <= now;
        return (
          <View key={timer.task.id} style={styles.row} role="timer">
            <Words style={styles.what}>{timerWords(timer)}</Words>
            <View style={styles.when}>
              <Words face="strong" tabular tone={over ? 'hot' : 'ink'}>
                {over ? overWords(now - timer.endsAt) : `${formatDurationUp(timer.endsAt - now)} left`}
              </Words>
              <Words tone="soft" tabular>
                {clockWords(timer.endsAt, zone)}
              </Words>
            </View>
          </View>
        );
      })}
    </Rows>
  );
}

const overWords = (ms: number): string => (ms < MINUTE_MS ? 'over' : `over by ${formatDuration(ms)}`);

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'baseline', columnGap: space.m },
  when: { flexDirection: 'row', columnGap: space.m },
  what: { flexGrow: 1, flexShrink: 1 },
});
