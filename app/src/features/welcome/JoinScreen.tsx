import { joiningSchema, type Invited } from '@omtel/core/door';
import { useState } from 'react';
import { told, type ToldHousehold } from '../../store/api';
import { useInvitationQuery, useJoinMutation } from '../../store/doorApi';
import { sentenceOf } from '../../store/problem';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Loading } from '../../ui/states';
import { Words } from '../../ui/Words';
import { DoorPage, TO_THE_DOOR } from './DoorPage';
import { NewPassphraseField } from './NewPassphraseField';
import { problemsIn } from './problemsIn';
import { RecoveryCodes } from './RecoveryCodes';
import { Refused } from './Refused';
import { ROLE_WORDS } from './members/words';
import { useComeIn } from './useComeIn';
import { useDoorForm } from './useDoorForm';

/** The door for who was invited: the key stands behind the # of the address, which no server is told. */
export function JoinScreen() {
  const [key] = useState(() => window.location.hash.slice(1));
  const { data, error } = useInvitationQuery(key);
  if (data) return <Join invitation={data} invitationKey={key} />;
  return (
    <DoorPage title="You are invited" back={TO_THE_DOOR}>
      {error ? (
        <>
          <Words tone="hot" role="alert">
            {sentenceOf(error)}
          </Words>
          <Words>Ask for another one.</Words>
        </>
      ) : (
        <Loading what="whose kitchen it is" />
      )}
    </DoorPage>
  );
}

interface Joined {
  readonly household: ToldHousehold;
  readonly codes: readonly string[];
}

function Join({
  invitation,
  invitationKey,
}: {
  readonly invitation: Invited;
  readonly invitationKey: string;
}) {
  const { household, by, role } = invitation;
  const comeIn = useComeIn();
  const [said, set] = useDoorForm({ person: '', passphrase: '' });
  const [pressed, setPressed] = useState(false);
  const [joined, setJoined] = useState<Joined | null>(null);
  const [join, { isLoading, error }] = useJoinMutation();
  const asked = { ...said, key: invitationKey };
  const problems = problemsIn(joiningSchema, asked);
  const shown = pressed ? problems : {};
  const enter = async () => {
    setPressed(true);
    if (Object.keys(problems).length > 0) return;
    const { data } = await join(asked);
    if (data) setJoined({ household: told(data.household), codes: data.codes });
  };
  if (joined)
    return (
      <RecoveryCodes
        household={household}
        person={said.person}
        codes={joined.codes}
        onKept={() => comeIn(joined.household)}
      />
    );
  return (
    <DoorPage
      title={household}
      lead={`${by} invites you into this kitchen, as a ${role}: ${ROLE_WORDS[role].may}`}
      back={TO_THE_DOOR}
    >
      <Field
        label="Your name"
        value={said.person}
        onChange={(person) => set({ person })}
        problem={shown.person}
        hint="As the others call you. You sign in with it."
        completes="username"
        autoFocus
      />
      <NewPassphraseField
        value={said.passphrase}
        onChange={(passphrase) => set({ passphrase })}
        known={[household, said.person]}
        problem={shown.passphrase}
        onSubmit={enter}
      />
      <Refused error={error} />
      <Button kind="main" label="Come in" busy={isLoading} onPress={enter} />
    </DoorPage>
  );
}
