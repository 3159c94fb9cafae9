import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../ui/Button';
import { Panel } from '../../ui/Panel';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { useThisDevice } from './useThisDevice';

/** That it was asked on this device, and what for is not wanted. */
const ANSWERED = 'omtel.reminders.asked';

/** Asked where there is something to be reminded of, once on each device; the browser asks only who says yes. */
export function AskToRemind() {
  const { allowed, switchOn, busy } = useThisDevice();
  const [answered, setAnswered] = useState(() => localStorage.getItem(ANSWERED) !== null);
  if (answered || allowed !== 'default') return null;
  const answer = () => {
    localStorage.setItem(ANSWERED, 'yes');
    setAnswered(true);
  };
  return (
    <Panel>
      <Words>Be told when a step is due, with Omtel behind other pages?</Words>
      <View style={styles.row}>
        <Button label="Remind me" busy={busy} onPress={() => switchOn().then(answer)} />
        <Button kind="plain" label="Not here" name="Not here: do not remind me" onPress={answer} />
      </View>
    </Panel>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m, alignItems: 'center' },
});
