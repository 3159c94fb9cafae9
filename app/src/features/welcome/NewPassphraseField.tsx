import { plainPassphrase, SHORTEST_PASSPHRASE } from '@omtel/core/door';
import type { Strength } from '@omtel/core/strength';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { Field } from '../../ui/Field';
import { Words } from '../../ui/Words';

interface NewPassphraseFieldProps {
  readonly label?: string;
  readonly value: string;
  readonly onChange: (passphrase: string) => void;
  /** What whoever tries knows: the names beside it. */
  readonly known: readonly string[];
  readonly problem?: string;
  readonly onSubmit: () => unknown;
}

const SAYS: Record<Strength, string> = {
  common: 'One of the first anybody would try: it is not taken.',
  weak: 'Weak. Another word makes it much stronger.',
  fair: 'Fair.',
  strong: 'Strong.',
};

/** A passphrase to be chosen: how long it must be, and how strong it is so far. */
export function NewPassphraseField({
  label = 'Passphrase',
  value,
  onChange,
  known,
  problem,
  onSubmit,
}: NewPassphraseFieldProps) {
  const strength = useStrength(value, known);
  return (
    <View>
      <Field
        label={label}
        value={value}
        onChange={onChange}
        problem={problem}
        hint={`At least ${SHORTEST_PASSPHRASE} letters. Three or four words that only you put together serve best.`}
        completes="new-password"
        onSubmit={onSubmit}
      />
      {strength && (
        <Words face="strong" tone={strength === 'common' ? 'hot' : 'ink'} role="status">
          {SAYS[strength]}
        </Words>
      )}
    </View>
  );
}

type StrengthOf = (passphrase: string, known: readonly string[]) => Strength;

/** How strong it is, once it is long enough to be taken; its lists are fetched when somebody is here to choose one. */
function useStrength(passphrase: string, known: readonly string[]): Strength | null {
  const [strengthOf, setStrengthOf] = useState<{ readonly of: StrengthOf } | null>(null);
  useEffect(() => {
    import('@omtel/core/strength').then(
      (room) => setStrengthOf({ of: room.strengthOf }),
      // The server looks as well.
      () => undefined,
    );
  }, []);
  const plain = plainPassphrase(passphrase);
  const long = [...plain].length >= SHORTEST_PASSPHRASE;
  return strengthOf && long ? strengthOf.of(plain, known) : null;
}
