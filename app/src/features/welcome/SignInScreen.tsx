import { useState } from 'react';
import { useSignInMutation } from '../../store/doorApi';
import { sentenceOf } from '../../store/problem';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { PageLink } from '../../ui/PageLink';
import { Words } from '../../ui/Words';
import { DoorPage, TO_THE_DOOR } from './DoorPage';
import { useComeIn } from './useComeIn';

/** The door to a household that is there already. */
export function SignInScreen() {
  const comeIn = useComeIn();
  const [said, setSaid] = useState({ household: '', person: '', passphrase: '' });
  const [signIn, { isLoading, error }] = useSignInMutation();
  const set = (patch: Partial<typeof said>) => setSaid((last) => ({ ...last, ...patch }));
  const enter = async () => {
    const { data } = await signIn(said);
    if (data) await comeIn(data);
  };
  return (
    <DoorPage title="Sign in" back={TO_THE_DOOR}>
      <Field
        label="Household’s name"
        value={said.household}
        onChange={(household) => set({ household })}
        completes="organization"
        autoFocus
      />
      <Field
        label="Your name"
        value={said.person}
        onChange={(person) => set({ person })}
        completes="username"
      />
      <Field
        label="Passphrase"
        value={said.passphrase}
        onChange={(passphrase) => set({ passphrase })}
        completes="current-password"
        onSubmit={enter}
      />
      {error && (
        <Words tone="hot" role="alert">
          {sentenceOf(error)}
        </Words>
      )}
      <Button kind="main" label="Come in" busy={isLoading} onPress={enter} />
      <PageLink href="/welcome?way=recover">
        <Words tone="rim">I have lost my passphrase</Words>
      </PageLink>
    </DoorPage>
  );
}
