import { StyleSheet, View } from 'react-native';
import { Button } from '../../ui/Button';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { useThisDevice, type ThisDevice } from './useThisDevice';

/** Whether this device is reminded while Omtel is closed or behind other pages, asked for where somebody wants it. */
export function ThisDeviceFields() {
  const { allowed, on, busy, said, switchOn, switchOff, tryIt } = useThisDevice();
  return (
    <View style={styles.group}>
      <Words tone="soft">{stateWords(allowed, on)}</Words>
      {said && <Words role="status">{said}</Words>}
      {(allowed === 'default' || allowed === 'granted') && (
        <View style={styles.row}>
          {!on && <Button label="Remind me on this device" busy={busy} onPress={switchOn} />}
          {on && <Button label="Try it" name="Try a reminder" busy={busy} onPress={tryIt} />}
          {on && <Button kind="plain" label="Not on this device" onPress={switchOff} />}
        </View>
      )}
    </View>
  );
}

function stateWords(allowed: ThisDevice['allowed'], on: boolean): string {
  if (allowed === 'cannot')
    return 'This browser shows nothing while Omtel is closed. It rings while a page is open; the calendar below reaches a phone that is off the page.';
  if (allowed === 'denied')
    return 'This browser was told not to let Omtel remind you. Its settings for this site can change that.';
  return on
    ? 'This device is reminded while Omtel is behind other pages, too.'
    : 'This device rings while a page of Omtel is open. It can be reminded while Omtel is behind other pages, too.';
}

const styles = StyleSheet.create({
  group: { gap: space.s },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m },
});
