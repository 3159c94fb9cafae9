import { Pressable, StyleSheet } from 'react-native';
import { REACH, space } from './tokens';
import { Words } from './Words';

/** A file that is kept by whoever presses it. */
export function FileLink({ href, label }: { readonly href: string; readonly label: string }) {
  // On the web what has an address is an anchor.
  const address: object = { href, hrefAttrs: { download: true } };
  return (
    <Pressable role="link" style={styles.link} {...address}>
      <Words face="strong" tone="rim">
        {label}
      </Words>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  link: { minHeight: REACH, justifyContent: 'center', paddingHorizontal: space.xs },
});
