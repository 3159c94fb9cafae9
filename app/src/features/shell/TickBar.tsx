import { clockOf } from '@omtel/core/time';
import { MINUTE_MS } from '@omtel/core/units';
import { useEffect } from 'react';
import { StyleSheet, View } from 'react-native';
import { newEvent, record } from '../../store/outbox/record';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { tickSlice } from '../../store/tick';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Words } from '../../ui/Words';

const STAYS_MS = 12_000;
const EARLIER_MIN = [5, 12, 30];

/** After a tick: what was noted, and the chance to say it was a while ago or to take it back. */
export function TickBar() {
  const tick = useAppSelector((state) => state.tick);
  const dispatch = useAppDispatch();
  const { zone, now } = useKitchen();
  const { colors } = useLook();

  useEffect(() => {
    if (!tick) return;
    const timer = setTimeout(() => dispatch(tickSlice.actions.settled()), STAYS_MS);
    return () => clearTimeout(timer);
  }, [tick, dispatch]);

  if (!tick) return null;
  const correct = (payload: { at?: number; withdrawn?: true }) => {
    void dispatch(record(newEvent(tick.foodId, now, 'corrected', { eventId: tick.eventId, ...payload })));
    dispatch(
      payload.at === undefined
        ? tickSlice.actions.settled()
        : tickSlice.actions.ticked({ ...tick, at: payload.at }),
    );
  };
  return (
    <View role="status" style={[styles.bar, { backgroundColor: colors.enamel, borderTopColor: colors.rim }]}>
      <Words face="strong">
        {tick.what}, {clockOf(tick.at, zone)}
      </Words>
      <View style={styles.row}>
        {EARLIER_MIN.map((minutes) => (
          <Button
            key={minutes}
            kind="plain"
            label={`${minutes} min ago`}
            onPress={() => correct({ at: Math.round(now - minutes * MINUTE_MS) })}
          />
        ))}
        <Button kind="plain" label="Undo" onPress={() => correct({ withdrawn: true })} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  bar: { borderTopWidth: 2, paddingHorizontal: space.l, paddingTop: space.s },
  row: { flexDirection: 'row', flexWrap: 'wrap', marginLeft: -space.m },
});
