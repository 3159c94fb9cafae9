import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Words } from '../../ui/Words';
import type { InkedPage } from './inked';
import { Sheet } from './Sheet';

/** The first page as it will be, as wide as there is room; how many there are. */
export function Preview({ pages }: { readonly pages: readonly InkedPage[] }) {
  const { colors } = useLook();
  const [room, setRoom] = useState(0);
  const [first] = pages;
  if (!first) return null;
  const width = Math.min(room, (first.widthMm * MOST_PX_PER_MM) | 0);
  return (
    <View style={styles.group} onLayout={({ nativeEvent }) => setRoom(nativeEvent.layout.width)}>
      {width > 0 && (
        <View
          role="figure"
          aria-label="As it is printed"
          style={[styles.page, { borderColor: colors.line, width }]}
        >
          <Sheet page={first} width="100%" height={(width * first.heightMm) / first.widthMm} />
        </View>
      )}
      {pages.length > 1 && <Words tone="soft">{`${pages.length} pages; this is the first.`}</Words>}
    </View>
  );
}

/** A small label is not blown up beyond what it will look like held close. */
const MOST_PX_PER_MM = 7;

const styles = StyleSheet.create({
  group: { gap: space.s },
  page: { borderWidth: space.hair },
});
