import { eventWords } from '@omtel/core/record';
import { moment } from '@omtel/core/time';
import CloudOff from 'lucide-react-native/icons/cloud-off';
import { StyleSheet } from 'react-native';
import { changeWords, madeAt } from '../../store/outbox/changeWords';
import type { Refused } from '../../store/outbox/drawer';
import { dropEntry, sendAgain } from '../../store/outbox/send';
import { useAppDispatch } from '../../store/store';
import { householdAt, useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { useLook } from '../../ui/theme';
import { Words } from '../../ui/Words';
import { Strip } from '../../ui/Strip';

/** What the server would not take, with its sentence why. */
export function NotTaken({ refused: { id, sentence, event, change } }: { readonly refused: Refused }) {
  const { household, units, zone, now } = useKitchen();
  const dispatch = useAppDispatch();
  const { colors } = useLook();
  const at = event?.at ?? householdAt(household, madeAt(change!));
  const words = event ? eventWords(event, { units, zone }) : changeWords(change, units);
  return (
    <Strip icon={<CloudOff size={20} color={colors.ink} />}>
      <Words style={styles.words}>{`Not taken: “${words}”, ${moment(at, now, zone)}. ${sentence}`}</Words>
      <Button kind="plain" label="Send again" onPress={() => dispatch(sendAgain(id))} />
      <Button kind="plain" label="Drop it" onPress={() => dispatch(dropEntry(id))} />
    </Strip>
  );
}

const styles = StyleSheet.create({ words: { flex: 1 } });
