import { View, StyleSheet } from 'react-native';
import { useHousehold } from '../../store/useKitchen';
import { space } from '../../ui/tokens';
import { SignedIn } from '../shell';
import { AnotherPassphrase } from './AnotherPassphrase';
import { DoorPage } from './DoorPage';
import { Leaving } from './members/Leaving';
import { Members } from './members/Members';
import { OtherCodes } from './OtherCodes';
import { Passkeys } from './Passkeys';
import { SignedInDevices } from './SignedInDevices';

/** Who is signed in where, and what opens the door to whoever looks. */
export function WhoIsInScreen() {
  return (
    <SignedIn>
      <WhoIsIn />
    </SignedIn>
  );
}

function WhoIsIn() {
  const { name, me } = useHousehold();
  return (
    <DoorPage
      title="Who is in"
      lead={
        me
          ? `${me.name}, in ${name}.`
          : 'The demo is anybody’s: nobody signs in to it, and nothing in it is kept from anybody.'
      }
      back={{ to: '/household', words: 'Household' }}
    >
      {me && (
        <View style={styles.parts}>
          <Members />
          <SignedInDevices />
          <Passkeys />
          <AnotherPassphrase known={[name, me.name]} />
          <OtherCodes />
          <Leaving />
        </View>
      )}
    </DoorPage>
  );
}

const styles = StyleSheet.create({ parts: { gap: space.xxl } });
