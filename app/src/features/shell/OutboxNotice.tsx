import { clockWords } from '@omtel/core/time';
import { eventWords } from '@omtel/core/record';
import CloudOff from 'lucide-react-native/icons/cloud-off';
import { useEffect } from 'react';
import { StyleSheet } from 'react-native';
import { dropEntry, sendAgain, sendOutbox } from '../../store/outbox/send';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { useLook } from '../../ui/theme';
import { Words } from '../../ui/Words';
import { Strip } from './Strip';

const TRY_AGAIN_MS = 10_000;

/** Tells of entries not sent yet and of those the server would not take, and goes on trying to send. */
export function OutboxNotice() {
  const { waiting, problem, refused } = useAppSelector(({ outbox }) => outbox);
  const { units, zone } = useKitchen();
  const dispatch = useAppDispatch();
  const { colors } = useLook();

  useEffect(() => {
    const send = () => void dispatch(sendOutbox());
    send();
    const timer = setInterval(send, TRY_AGAIN_MS);
    window.addEventListener('online', send);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', send);
    };
  }, [dispatch]);

  return (
    <>
      {problem && (
        <Strip icon={<CloudOff size={20} color={colors.ink} />}>
          <Words style={styles.words}>
            {waiting > 0
              ? `${waiting} ${waiting === 1 ? 'entry' : 'entries'} to be sent. ${problem}`
              : problem}
          </Words>
        </Strip>
      )}
      {refused.map(({ id, event, sentence }) => (
        <Strip key={id} icon={<CloudOff size={20} color={colors.ink} />}>
          <Words style={styles.words}>
            {`Not taken: “${eventWords(event, { units, zone })}”, ${clockWords(event.at, zone)}. ${sentence}`}
          </Words>
          <Button kind="plain" label="Send again" onPress={() => dispatch(sendAgain(id))} />
          <Button kind="plain" label="Drop it" onPress={() => dispatch(dropEntry(id))} />
        </Strip>
      ))}
    </>
  );
}

const styles = StyleSheet.create({ words: { flex: 1 } });
