import { VERDICT_WORDS, type Verdict } from '@omtel/core/judge';
import { StyleSheet, View } from 'react-native';
import { RULING_LOOK } from './ruling';
import { corner, space } from './tokens';
import { useLook } from './theme';
import { Words } from './Words';

/** A ruling by word, shape and colour, in that order of importance. */
export function RulingBadge({ verdict }: { readonly verdict: Verdict }) {
  const { colors } = useLook();
  const { glyph: Glyph, tone } = RULING_LOOK[verdict];
  return (
    <View style={[styles.badge, { borderColor: colors[tone] }]}>
      <Glyph size={16} color={colors[tone]} strokeWidth={2.5} />
      <Words face="strong" style={{ color: colors[tone] }}>
        {VERDICT_WORDS[verdict]}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  badge: {
    flexDirection: 'row',
    alignItems: 'center',
    alignSelf: 'flex-start',
    gap: space.s,
    borderWidth: 1.5,
    borderRadius: corner.s,
    paddingHorizontal: space.s,
    paddingVertical: space.xs,
  },
});
