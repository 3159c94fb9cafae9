import { useState } from 'react';
import { Modal, Pressable, StyleSheet, View } from 'react-native';
import { Button } from '../../ui/Button';
import { SwitchRow } from '../../ui/SwitchRow';
import { corner, space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Heading, Words } from '../../ui/Words';
import { areOn, SHORTCUTS, switchKeys } from './shortcutKeys';

/** The keys that do something by themselves, and whether they are to. */
export function ShortcutSheet({ onClose }: { readonly onClose: () => void }) {
  const { colors } = useLook();
  const [on, setOn] = useState(areOn);
  return (
    <Modal transparent visible onRequestClose={onClose} aria-label="Keys">
      <Pressable
        style={[styles.around, { backgroundColor: colors.ground }]}
        onPress={onClose}
        tabIndex={-1}
        aria-hidden
      />
      <View style={styles.middle} pointerEvents="box-none">
        <View style={[styles.sheet, { backgroundColor: colors.enamel, borderColor: colors.rim }]}>
          <Heading>Keys</Heading>
          {[...SHORTCUTS, { key: '?', words: 'This list' }, { key: 'Esc', words: 'Close it' }].map(
            ({ key, words }) => (
              <View key={key} style={styles.row}>
                <View style={[styles.key, { borderColor: colors.outline }]}>
                  <Words face="strong" tabular>
                    {key}
                  </Words>
                </View>
                <Words style={styles.words}>{words}</Words>
              </View>
            ),
          )}
          <Words tone="soft">Tab goes on, Shift and Tab back, Enter presses.</Words>
          <SwitchRow
            label="Single keys do this"
            value={on}
            onChange={(wanted) => {
              switchKeys(wanted);
              setOn(wanted);
            }}
          />
          <Button label="Close" onPress={onClose} />
        </View>
      </View>
    </Modal>
  );
}

const WIDTH = 360;
const KEY_WIDTH = 44;

const styles = StyleSheet.create({
  around: { position: 'absolute', inset: 0, opacity: 0.8 },
  middle: { flex: 1, alignItems: 'center', justifyContent: 'center', padding: space.l },
  sheet: {
    width: '100%',
    maxWidth: WIDTH,
    gap: space.s,
    padding: space.l,
    borderWidth: 2,
    borderRadius: corner.l,
  },
  row: { flexDirection: 'row', alignItems: 'center', gap: space.m },
  key: {
    minWidth: KEY_WIDTH,
    alignItems: 'center',
    paddingHorizontal: space.s,
    borderWidth: space.hair,
    borderRadius: corner.m,
  },
  words: { flex: 1 },
});
