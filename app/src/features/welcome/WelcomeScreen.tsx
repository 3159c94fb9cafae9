import { StyleSheet, View } from 'react-native';
import { useRouter } from 'expo-router';
import { useSignInToDemoMutation } from '../../store/doorApi';
import { Button } from '../../ui/Button';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { DoorPage } from './DoorPage';
import { useComeIn } from './useComeIn';
import { Refused } from './Refused';

/** The door: a kitchen of one's own, a new one or one that is there, and the demo's. */
export function WelcomeScreen() {
  const router = useRouter();
  const comeIn = useComeIn();
  const [signIn, { isLoading, error }] = useSignInToDemoMutation();
  const enter = async () => {
    const { data } = await signIn();
    if (data) await comeIn(data);
  };
  return (
    <DoorPage
      title="Omtel"
      lone
      lead="Plan the thaw, cook it through, cool it in time, and know how long it keeps and why."
    >
      <View style={styles.group}>
        <Button
          kind="main"
          label="A kitchen of my own"
          onPress={() => router.push('/welcome?way=new' as never)}
        />
        <Button label="Sign in" onPress={() => router.push('/welcome?way=sign-in' as never)} />
      </View>
      <View style={styles.group}>
        <Words tone="soft">
          Or look around in the demo: a small boatyard feeds its volunteer crew. Its clock is its own, so
          nothing there spoils in earnest.
        </Words>
        <Refused error={error} />
        <Button label="Open the boatyard’s kitchen" busy={isLoading} onPress={enter} />
      </View>
    </DoorPage>
  );
}

const styles = StyleSheet.create({ group: { gap: space.m } });
