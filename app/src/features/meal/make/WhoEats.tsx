import { inCare, namesOf, type Eater } from '@omtel/core/table';
import { StyleSheet, View } from 'react-native';
import { AnyOf } from '../../../ui/AnyOf';
import { space } from '../../../ui/tokens';
import { ForTheirSake } from '../ForTheirSake';

interface WhoEatsProps {
  /** Those who can eat of it. */
  readonly table: readonly Eater[];
  /** Those of them who do not, by their ids. */
  readonly without: readonly string[];
  readonly onChange: (without: string[]) => void;
  /** What is ruled for their sake, where that is not the whole of it. */
  readonly of?: string;
}

/** Who of the table eats of a meal or a dish: all, until somebody is taken out. */
export function WhoEats({ table, without, onChange, of }: WhoEatsProps) {
  if (table.length === 0) return null;
  const eaters = table.filter(({ id }) => !without.includes(id));
  return (
    <View style={styles.group}>
      <AnyOf
        label="Who eats of it"
        options={table.map(({ id, name }) => ({ value: id, label: name }))}
        chosen={eaters.map(({ id }) => id)}
        onToggle={(id) =>
          onChange(without.includes(id) ? without.filter((each) => each !== id) : [...without, id])
        }
      />
      <ForTheirSake names={namesOf(inCare(eaters))} of={of} />
    </View>
  );
}

const styles = StyleSheet.create({ group: { gap: space.xs } });
