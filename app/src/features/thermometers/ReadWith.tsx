import { useKitchen } from '../../store/useKitchen';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../../ui/Choice';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { forFood } from './asRead';
import { standingWords } from '@omtel/core/thermometers';
import type { RatedThermometer } from './useThermometers';

interface ReadWithProps {
  readonly all: readonly RatedThermometer[];
  readonly value: RatedThermometer | null;
  readonly onChange: (id: string) => void;
}

/** Which thermometer a reading is made with, and that it proves nothing where it is in doubt. Nothing where there are none. */
export function ReadWith({ all, value, onChange }: ReadWithProps) {
  const { now, zone, units } = useKitchen();
  const some = forFood(all);
  if (some.length === 0) return null;
  return (
    <View style={styles.whole}>
      <Choice
        label="Read with"
        value={value?.id ?? null}
        onChange={onChange}
        options={some.map(({ id, name }) => ({ value: id, label: name }))}
      />
      {value && value.standing.is !== 'inOrder' && (
        <Words tone="hot">{`${standingWords(value.standing, { now, zone, units })} What it shows proves nothing.`}</Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({ whole: { width: '100%', gap: space.xs } });
