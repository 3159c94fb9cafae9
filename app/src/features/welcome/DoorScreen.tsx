import { useLocalSearchParams } from 'expo-router';
import { FoundScreen } from './FoundScreen';
import { JoinScreen } from './JoinScreen';
import { RecoverScreen } from './RecoverScreen';
import { SignInScreen } from './SignInScreen';
import { WhoIsInScreen } from './WhoIsInScreen';
import { WelcomeScreen } from './WelcomeScreen';

const WAYS: Partial<Record<string, () => React.JSX.Element>> = {
  new: FoundScreen,
  'sign-in': SignInScreen,
  join: JoinScreen,
  recover: RecoverScreen,
  in: WhoIsInScreen,
};

/** The door, and the ways through it by their address. They are fetched together: who signs in may have lost the passphrase. */
export function DoorScreen() {
  const { way = '' } = useLocalSearchParams<{ way?: string }>();
  const Way = WAYS[way] ?? WelcomeScreen;
  return <Way />;
}
