import type { Label } from '@omtel/core/label';
import { StyleSheet, View } from 'react-native';
import { useLook } from '../../ui/theme';
import { corner, space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';

/** What stands on a label, large enough to copy with a pen in the other hand. */
export function LabelText({ label }: { readonly label: Label }) {
  const { colors } = useLook();
  const { contents, date, contains, since, heated, aim, replaces, by } = label;
  const lines = [date, contains, since, heated, aim, replaces, by].filter((line) => line !== null);
  return (
    <View
      role="group"
      aria-label={`Label: ${contents}`}
      style={[styles.label, { borderColor: colors.ink, backgroundColor: colors.enamel }]}
    >
      <Heading>{contents}</Heading>
      {lines.map((line) => (
        <Words key={line} size="lead" tabular>
          {line}
        </Words>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  label: { borderWidth: 2, borderRadius: corner.s, padding: space.l, gap: space.s },
});
