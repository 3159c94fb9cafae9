import { SECOND_MS } from '@omtel/core/units';
import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from './Button';
import { chime } from './chime';
import { space } from './tokens';
import { useAwake } from './useAwake';
import { Words } from './Words';

interface CountDownProps {
  /** What it is for, as its button says it: “Wet for 60 s”. */
  readonly label: string;
  readonly ms: number;
  /** Said when it is over. */
  readonly over: string;
  /** Begun with an elbow. */
  readonly tall?: boolean;
}

/** A short time by one large button, with the hands full; it rings when it is over. */
export function CountDown({ label, ms, over, tall }: CountDownProps) {
  const [endsAt, setEndsAt] = useState<number | null>(null);
  const [now, setNow] = useState(0);
  const leftMs = endsAt === null ? null : endsAt - now;
  const runs = leftMs !== null && leftMs > 0;
  useAwake(runs);
  useEffect(() => {
    if (!runs || endsAt === null) return undefined;
    const tick = setInterval(() => {
      setNow(Date.now());
      if (Date.now() >= endsAt) chime();
    }, SECOND_MS / 4);
    return () => clearInterval(tick);
  }, [runs, endsAt]);
  const begin = () => {
    setNow(Date.now());
    setEndsAt(Date.now() + ms);
  };
  return (
    <View style={styles.line}>
      <View style={styles.grow}>
        <Button tall={tall} label={runs ? 'From the beginning' : label} onPress={begin} />
      </View>
      {leftMs !== null && (
        <View role="timer" aria-live={runs ? 'off' : 'assertive'} style={styles.left}>
          <Words size="lead" face="strong" tabular>
            {runs ? `${Math.ceil(leftMs / SECOND_MS)} s` : over}
          </Words>
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.m },
  grow: { flexGrow: 1 },
  left: { minWidth: 96 },
});
