import { clockWords } from '@omtel/core/time';
import { eventWords } from '@omtel/core/record';
import CloudOff from 'lucide-react-native/icons/cloud-off';
import { useEffect, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { dropEntry, sendAgain, sendOutbox } from '../../store/outbox/send';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Words } from '../../ui/Words';

const TRY_AGAIN_MS = 10_000;

/** Tells of entries not sent yet and of those the server would not take, and goes on trying to send. */
export function OutboxNotice() {
  const { waiting, problem, refused } = useAppSelector(({ outbox }) => outbox);
  const { units, zone } = useKitchen();
  const dispatch = useAppDispatch();

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
        <Strip>
          <Words style={styles.words}>
            {waiting > 0
              ? `${waiting} ${waiting === 1 ? 'entry' : 'entries'} to be sent. ${problem}`
              : problem}
          </Words>
        </Strip>
      )}
      {refused.map(({ id, event, sentence }) => (
        <Strip key={id}>
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

function Strip({ children }: { readonly children: ReactNode }) {
  const { colors } = useLook();
  return (
    <View
      role="status"
      style={[styles.strip, { backgroundColor: colors.band, borderBottomColor: colors.bandEdge }]}
    >
      <CloudOff size={20} color={colors.ink} />
      {children}
    </View>
  );
}

const styles = StyleSheet.create({
  strip: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.m,
    padding: space.m,
    borderBottomWidth: space.hair,
  },
  words: { flex: 1 },
});
