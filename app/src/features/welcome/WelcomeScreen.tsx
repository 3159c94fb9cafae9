import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { api, useSignInToDemoMutation } from '../../store/api';
import { sentenceOf } from '../../store/problem';
import { useAppDispatch } from '../../store/store';
import { Button } from '../../ui/Button';
import { Caution } from '../../ui/Caution';
import { COLUMN, space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Heading, Words } from '../../ui/Words';

/** The door: one button into the demo household. */
export function WelcomeScreen() {
  const { colors } = useLook();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const [signIn, { isLoading, error }] = useSignInToDemoMutation();
  const enter = async () => {
    const { data } = await signIn();
    if (!data) return;
    // The household must be known before its rooms are entered: they send strangers back here.
    await dispatch(api.util.upsertQueryData('household', undefined, data));
    router.replace('/now');
  };
  return (
    <View style={[styles.page, { backgroundColor: colors.ground }]}>
      <View style={styles.column}>
        <Heading level={1}>Omtel</Heading>
        <Words size="lead">
          Plan the thaw, cook it through, cool it in time, and know how long it keeps and why.
        </Words>
        <Words tone="soft">
          Look around in the demo: a small boatyard feeds its volunteer crew. Its clock is its own, so nothing
          here spoils in earnest.
        </Words>
        {error && (
          <Words tone="hot" role="alert">
            {sentenceOf(error)}
          </Words>
        )}
        <Button kind="main" label="Open the boatyard’s kitchen" busy={isLoading} onPress={enter} />
        <Caution />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  page: { flex: 1, justifyContent: 'center', padding: space.xl },
  column: { width: '100%', maxWidth: COLUMN, alignSelf: 'center', gap: space.l },
});
