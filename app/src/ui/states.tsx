import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { ActivityIndicator } from 'react-native-paper';
import { Button } from './Button';
import { space } from './tokens';
import { useLook } from './theme';
import { Heading, Words } from './Words';

/** While something is fetched. */
export function Loading({ what }: { readonly what: string }) {
  const { colors } = useLook();
  return (
    <View style={styles.middle} role="status" aria-label={`Fetching ${what}`}>
      <ActivityIndicator color={colors.rim} />
      <Words tone="soft">Fetching {what} …</Words>
    </View>
  );
}

interface EmptyProps {
  readonly title: string;
  readonly children: string;
  readonly action?: ReactNode;
}

/** When there is nothing to show, and what to do about it. */
export function Empty({ title, children, action }: EmptyProps) {
  return (
    <View style={styles.middle}>
      <Heading>{title}</Heading>
      <Words tone="soft" style={styles.centred}>
        {children}
      </Words>
      {action}
    </View>
  );
}

/** When something could not be fetched; nothing is lost by trying again. */
export function Failed({ sentence, onRetry }: { readonly sentence: string; readonly onRetry: () => void }) {
  return (
    <View style={styles.middle} role="alert">
      <Heading>That did not work</Heading>
      <Words tone="soft" style={styles.centred}>
        {sentence}
      </Words>
      <Button label="Try again" onPress={onRetry} />
    </View>
  );
}

const styles = StyleSheet.create({
  middle: { alignItems: 'center', gap: space.m, paddingVertical: space.xxl },
  centred: { textAlign: 'center', maxWidth: 420 },
});
