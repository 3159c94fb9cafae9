import RefreshCw from 'lucide-react-native/icons/refresh-cw';
import { useEffect, useRef, useState } from 'react';
import { StyleSheet } from 'react-native';
import { Workbox } from 'workbox-window';
import { useAppSelector } from '../../store/store';
import { Button } from '../../ui/Button';
import { useLook } from '../../ui/theme';
import { Words } from '../../ui/Words';
import { Strip } from '../../ui/Strip';

/** A page that stays open looks for a new version so often. */
const LOOK_EVERY_MS = 60 * 60_000;

/** Lets Omtel open without a network, and offers a new version once there is one. It is taken when somebody says so. */
export function NewVersion() {
  const service = useRef<Workbox | null>(null);
  const [waits, setWaits] = useState(false);
  const { colors } = useLook();
  const lost = useAppSelector(({ connection }) => connection.knownAt !== null);
  // A server that does not answer may be one of a newer version.
  useEffect(() => {
    if (lost) service.current?.update().catch(() => undefined);
  }, [lost]);
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
    const workbox = new Workbox('/service-worker.js');
    service.current = workbox;
    workbox.addEventListener('waiting', () => setWaits(true));
    // A first visit, and a browser that forbids it, stay without.
    workbox.register().catch(() => undefined);
    const look = () => {
      if (document.visibilityState === 'visible') workbox.update().catch(() => undefined);
    };
    const timer = setInterval(look, LOOK_EVERY_MS);
    document.addEventListener('visibilitychange', look);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
    };
  }, []);
  if (!waits) return null;
  const take = () => {
    service.current?.addEventListener('controlling', () => window.location.reload());
    service.current?.messageSkipWaiting();
  };
  return (
    <Strip icon={<RefreshCw size={20} color={colors.ink} />}>
      <Words style={styles.words}>
        There is a new version of Omtel. What you recorded and what is half filled in stays.
      </Words>
      <Button kind="plain" label="Use it" name="Use the new version" onPress={take} />
    </Strip>
  );
}

const styles = StyleSheet.create({ words: { flex: 1 } });
