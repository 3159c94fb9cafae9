import { useSignInMutation } from '../../store/doorApi';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { TextLink } from '../../ui/TextLink';
import { ByPasskey } from './ByPasskey';
import { DoorPage, TO_THE_DOOR } from './DoorPage';
import { NameFields } from './NameFields';
import { useComeIn } from './useComeIn';
import { useDoorForm } from './useDoorForm';
import { Refused } from './Refused';

/** The door to a household that is there already. */
export function SignInScreen() {
  const comeIn = useComeIn();
  const [said, set] = useDoorForm({ household: '', person: '', passphrase: '' });
  const [signIn, { isLoading, error }] = useSignInMutation();
  const enter = async () => {
    const { data } = await signIn(said);
    if (data) await comeIn(data);
  };
  return (
    <DoorPage title="Sign in" back={TO_THE_DOOR}>
      <NameFields names={said} onChange={set} />
      <Field
        label="Passphrase"
        value={said.passphrase}
        onChange={(passphrase) => set({ passphrase })}
        completes="current-password"
        onSubmit={enter}
      />
      <Refused error={error} />
      <Button kind="main" label="Come in" busy={isLoading} onPress={enter} />
      <ByPasskey />
      <TextLink href="/welcome?way=recover">I have lost my passphrase</TextLink>
    </DoorPage>
  );
}
