import { longDay, clockWords } from '@omtel/core/time';
import { HOUR_MS, MINUTE_MS } from '@omtel/core/units';
import { StyleSheet, View } from 'react-native';
import { useMoveClockMutation, useRestartDemoMutation } from '../../store/api';
import { sentenceOf } from '../../store/problem';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Panel } from '../../ui/Panel';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';

const STEPS = [
  { label: '15 min', ms: 15 * MINUTE_MS },
  { label: '1 h', ms: HOUR_MS },
  { label: '6 h', ms: 6 * HOUR_MS },
  { label: '1 day', ms: 24 * HOUR_MS },
];

/** The demo has a clock of its own: move it ahead and see what the kitchen looks like then. */
export function DemoClock() {
  const { household, now, zone } = useKitchen();
  const [move, { error }] = useMoveClockMutation();
  const [restart, { isLoading }] = useRestartDemoMutation();
  return (
    <Panel edge="rim">
      <Words face="strong" tone="rim">
        Demo clock
      </Words>
      <Words size="heading" face="display" tabular>
        {clockWords(now, zone)}
      </Words>
      <Words tone="soft">{longDay(now, zone)}</Words>
      <View style={styles.row}>
        {STEPS.map(({ label, ms }) => (
          <Button key={label} label={`+ ${label}`} onPress={() => move(household.clock.aheadMs + ms)} />
        ))}
      </View>
      {error && (
        <Words tone="hot" role="alert">
          {sentenceOf(error)}
        </Words>
      )}
      <Button kind="plain" busy={isLoading} label="Start the story again" onPress={restart} />
    </Panel>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s } });
