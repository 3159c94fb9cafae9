import { StyleSheet, View } from 'react-native';
import { Button } from './Button';
import { space } from './tokens';
import { useLook } from './theme';
import { Words } from './Words';

interface ProgressProps {
  readonly what: string;
  /** Share done, 0 to 1. */
  readonly share: number;
  readonly onCancel: () => void;
}

const HEIGHT = 6;

/** How far a long computation is, and the way out of it. */
export function Progress({ what, share, onCancel }: ProgressProps) {
  const { colors } = useLook();
  const percent = Math.round(share * 100);
  return (
    <View style={styles.whole}>
      <View style={styles.line}>
        <Words tone="soft" style={styles.what}>{`${what} …`}</Words>
        <Button kind="plain" label="Cancel" onPress={onCancel} />
      </View>
      <View
        role="progressbar"
        aria-label={what}
        aria-valuemin={0}
        aria-valuemax={100}
        aria-valuenow={percent}
        style={[styles.track, { backgroundColor: colors.line }]}
      >
        {/* Moved, not resized: that costs the page no new layout. */}
        <View
          style={[
            styles.done,
            { backgroundColor: colors.rim, transform: [{ translateX: `${percent - 100}%` }] },
          ]}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  whole: { gap: space.xs },
  line: { flexDirection: 'row', alignItems: 'center' },
  what: { flex: 1 },
  track: { height: HEIGHT, borderRadius: HEIGHT / 2, overflow: 'hidden' },
  done: { height: HEIGHT, width: '100%' },
});
