import { Children, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { space } from './tokens';
import { useLook } from './theme';
import { Heading } from './Words';

/** A list with a heading and thin rules between its lines. */
export function Rows({ title, children }: { readonly title?: string; readonly children: ReactNode }) {
  const { colors } = useLook();
  const lines = Children.toArray(children);
  if (lines.length === 0) return null;
  return (
    <View style={styles.group}>
      {title && (
        <Heading small tone="soft">
          {title}
        </Heading>
      )}
      <View role="list">
        {lines.map((line, index) => (
          <View key={index} role="listitem" style={[styles.line, { borderBottomColor: colors.line }]}>
            {line}
          </View>
        ))}
      </View>
    </View>
  );
}

const PADDING = space.m;

/** What is pressed takes the whole height of its row. */
export const wholeRow = { paddingVertical: PADDING, marginVertical: -PADDING } as const;

const styles = StyleSheet.create({
  group: { gap: space.xs },
  line: { borderBottomWidth: space.hair, paddingVertical: PADDING },
});
