import { foundingSchema } from '@omtel/core/door';
import { useState } from 'react';
import { told, type ToldHousehold } from '../../store/api';
import { useFoundMutation } from '../../store/doorApi';
import { Button } from '../../ui/Button';
import { DoorPage, TO_THE_DOOR } from './DoorPage';
import { NewPassphraseField } from './NewPassphraseField';
import { NameFields } from './NameFields';
import { problemsIn } from './problemsIn';
import { RecoveryCodes } from './RecoveryCodes';
import { useComeIn } from './useComeIn';
import { useDoorForm } from './useDoorForm';
import { Refused } from './Refused';

interface Founded {
  readonly household: ToldHousehold;
  readonly codes: readonly string[];
}

/** A household of one's own, in under a minute: three fields, the codes to keep, and in. */
export function FoundScreen() {
  const comeIn = useComeIn();
  const [said, set] = useDoorForm({ household: '', person: '', passphrase: '' });
  const [pressed, setPressed] = useState(false);
  const [founded, setFounded] = useState<Founded | null>(null);
  const [found, { isLoading, error }] = useFoundMutation();
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const problems = problemsIn(foundingSchema, { ...said, zone });
  const shown = pressed ? problems : {};
  const enter = async () => {
    setPressed(true);
    if (Object.keys(problems).length > 0) return;
    const { data } = await found({ ...said, zone });
    if (data) setFounded({ household: told(data.household), codes: data.codes });
  };
  if (founded)
    return (
      <RecoveryCodes
        household={founded.household.name}
        person={said.person}
        codes={founded.codes}
        onKept={() => comeIn(founded.household, '/household?step=1')}
      />
    );
  return (
    <DoorPage
      title="A kitchen of my own"
      lead="No e-mail, nothing sent anywhere: it stays on this server."
      back={TO_THE_DOOR}
    >
      <NameFields
        names={said}
        onChange={set}
        problems={shown}
        hints={{
          household: 'As you would write it on the door. You sign in with it.',
          person: 'As the others call you.',
        }}
      />
      <NewPassphraseField
        value={said.passphrase}
        onChange={(passphrase) => set({ passphrase })}
        known={[said.household, said.person]}
        problem={shown.passphrase}
        onSubmit={enter}
      />
      <Refused error={error} />
      <Button kind="main" label="Open it" busy={isLoading} onPress={enter} />
    </DoorPage>
  );
}
