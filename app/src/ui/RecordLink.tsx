import type { StoreId } from '@omtel/core/api';
import { StyleSheet } from 'react-native';
import { PageLink } from './PageLink';
import { REACH, space } from './tokens';
import { Words } from './Words';

/** Beside what the air of a store read last: all it read. */
export function RecordLink({ store }: { readonly store: StoreId }) {
  return (
    <PageLink href={`/record/${store}`} style={styles.link}>
      <Words tone="rim" face="strong">
        Record
      </Words>
    </PageLink>
  );
}

const styles = StyleSheet.create({
  link: { minHeight: REACH, justifyContent: 'center', paddingHorizontal: space.xs },
});
