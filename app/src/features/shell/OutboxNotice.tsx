import { moment } from '@omtel/core/time';
import CloudOff from 'lucide-react-native/icons/cloud-off';
import { lazy, Suspense, useState } from 'react';
import { StyleSheet } from 'react-native';
import { useAppSelector } from '../../store/store';
import { householdAt, useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { useLook } from '../../ui/theme';
import { Words } from '../../ui/Words';
import { Strip } from '../../ui/Strip';
import { useReconnect } from './useReconnect';

const NotTaken = lazy(async () => ({ default: (await import('./NotTaken')).NotTaken }));
const WhatWaits = lazy(async () => ({ default: (await import('./WhatWaits')).WhatWaits }));

/** Tells that the server cannot be reached, what is not sent yet, and what it would not take. */
export function OutboxNotice() {
  const { waiting, problem, refused } = useAppSelector(({ outbox }) => outbox);
  const { knownAt, why } = useAppSelector(({ connection }) => connection);
  const { household, now, zone } = useKitchen();
  const { colors } = useLook();
  const [open, setOpen] = useState(false);
  useReconnect();

  const away =
    knownAt === null
      ? problem
      : `${why} This is as of ${moment(householdAt(household, knownAt), now, zone)}.`;
  return (
    <>
      {away && (
        <Strip icon={<CloudOff size={20} color={colors.ink} />}>
          <Words style={styles.words}>
            {waiting > 0 ? `${waiting} ${waiting === 1 ? 'entry' : 'entries'} to be sent. ${away}` : away}
          </Words>
          {waiting > 0 && (
            <Button
              kind="plain"
              label={open ? 'Close' : 'Show'}
              name={open ? 'Close what waits' : 'Show what waits'}
              onPress={() => setOpen(!open)}
            />
          )}
        </Strip>
      )}
      {away && open && waiting > 0 && (
        <Suspense>
          <WhatWaits count={waiting} />
        </Suspense>
      )}
      <Suspense>
        {refused.map((one) => (
          <NotTaken key={one.id} refused={one} />
        ))}
      </Suspense>
    </>
  );
}

const styles = StyleSheet.create({ words: { flex: 1 } });
