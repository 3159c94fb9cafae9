import { dayName } from '@omtel/core/time';
import { StyleSheet, View } from 'react-native';
import { useCalendarQuery, useDropCalendarMutation, useMakeCalendarMutation } from '../../store/api';
import { sentenceOf } from '../../store/problem';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { FileLink } from '../../ui/FileLink';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';

/** The plans in a calendar: as a file, or at a private address it follows. */
export function CalendarFeed() {
  const { now, zone } = useKitchen();
  const { data } = useCalendarQuery();
  const [make, { data: made, error: notMade }] = useMakeCalendarMutation();
  const [drop, { error: notDropped }] = useDropCalendarMutation();
  const error = notMade ?? notDropped;
  const address = data?.since && made?.since === data.since ? made.path : null;
  return (
    <View style={styles.group}>
      <Heading>Calendar</Heading>
      <Words tone="soft">
        Steps of meals and plans with alarms. Whoever knows the address can read them; it can be taken back.
      </Words>
      {address && (
        <Words selectable face="strong">
          {new URL(address, window.location.href).href}
        </Words>
      )}
      {data?.since && !address && (
        <Words>{`There is an address since ${dayName(data.since, now, zone)}. It is shown only as it is made.`}</Words>
      )}
      {error && <Words tone="hot">{sentenceOf(error)}</Words>}
      <View style={styles.row}>
        <Button label={data?.since ? 'A new address' : 'Make an address'} onPress={() => make()} />
        {data?.since && <Button kind="plain" label="Take it back" onPress={() => drop()} />}
        <FileLink href="/api/calendar/plans.ics" label="All plans as a file" />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.m },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m, alignItems: 'center' },
});
