import CloudOff from 'lucide-react-native/icons/cloud-off';
import { useEffect } from 'react';
import { StyleSheet, View } from 'react-native';
import { sendOutbox } from '../../store/outbox/send';
import { outboxSlice } from '../../store/outbox/slice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/Button';
import { space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Words } from '../../ui/Words';

const TRY_AGAIN_MS = 10_000;

/** Tells of entries not sent yet, and goes on trying to send them. */
export function OutboxNotice() {
  const { waiting, problem } = useAppSelector(({ outbox }) => outbox);
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

  if (!problem) return null;
  return (
    <View
      role="status"
      style={[styles.strip, { backgroundColor: colors.band, borderBottomColor: colors.bandEdge }]}
    >
      <CloudOff size={20} color={colors.ink} />
      <Words style={styles.words}>
        {waiting > 0 ? `${waiting} ${waiting === 1 ? 'entry' : 'entries'} to be sent. ${problem}` : problem}
      </Words>
      {waiting === 0 && (
        <Button kind="plain" label="Understood" onPress={() => dispatch(outboxSlice.actions.problemSeen())} />
      )}
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
