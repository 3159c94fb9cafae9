import { recoverySchema } from '@omtel/core/door';
import { useState } from 'react';
import { useRecoverMutation } from '../../store/doorApi';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Words } from '../../ui/Words';
import { DoorPage, TO_THE_DOOR } from './DoorPage';
import { NewPassphraseField } from './NewPassphraseField';
import { NameFields } from './NameFields';
import { problemsIn } from './problemsIn';
import { useComeIn } from './useComeIn';
import { useDoorForm } from './useDoorForm';
import { Refused } from './Refused';

/** The way in for who has lost their passphrase and kept their codes. */
export function RecoverScreen() {
  const comeIn = useComeIn();
  const [said, set] = useDoorForm({ household: '', person: '', code: '', passphrase: '' });
  const [pressed, setPressed] = useState(false);
  const [recover, { isLoading, error }] = useRecoverMutation();
  const problems = problemsIn(recoverySchema, said);
  const shown = pressed ? problems : {};
  const enter = async () => {
    setPressed(true);
    if (Object.keys(problems).length > 0) return;
    const { data } = await recover(said);
    if (data) await comeIn(data);
  };
  return (
    <DoorPage
      title="A new passphrase"
      lead="By one of the codes you were given. It works once, and signs your other devices out."
      back={TO_THE_DOOR}
    >
      <NameFields names={said} onChange={set} />
      <Field
        label="Code"
        value={said.code}
        onChange={(code) => set({ code })}
        hint="Small letters and blanks do as well."
      />
      <NewPassphraseField
        value={said.passphrase}
        onChange={(passphrase) => set({ passphrase })}
        known={[said.household, said.person]}
        problem={shown.passphrase}
        onSubmit={enter}
      />
      <Refused error={error} />
      <Button kind="main" label="Take this passphrase" busy={isLoading} onPress={enter} />
      <Words tone="soft">
        Without a code nobody can open it again, not even whoever runs the server: the passphrase is kept
        nowhere.
      </Words>
    </DoorPage>
  );
}
