import { formById, searchFoods } from '@omtel/core/foods';
import { trialPlaces, type TrialPlace } from '@omtel/core/forecast';
import { lengthUnitOf, massUnitOf, type TypedUnit } from '@omtel/core/units';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { usualAt, type TrialDraft } from './trialDraft';

interface TrialFieldsProps {
  readonly draft: TrialDraft;
  readonly problem?: string;
  readonly onChange: (change: Partial<TrialDraft>) => void;
}

const PLACES = (Object.keys(trialPlaces) as TrialPlace[]).map((value) => ({
  value,
  label: trialPlaces[value].label,
}));

/** One trial: all that its forecast assumes, each thing changeable. */
export function TrialFields({ draft, problem, onChange: set }: TrialFieldsProps) {
  const { units } = useKitchen();
  const food = draft.search.trim() === '' ? undefined : searchFoods(draft.search)[0];
  const field = (name: 'mass' | 'thickest' | 'start' | 'around' | 'h', label: string, unit?: TypedUnit) => (
    <Field
      label={unit ? `${label}, ${unit}` : label}
      unit={unit}
      numeric
      value={draft[name]}
      onChange={(text) => set({ [name]: text })}
    />
  );
  return (
    <View style={styles.group}>
      <Field
        label="Food"
        value={draft.search}
        onChange={(search) => set({ search, form: searchFoods(search)[0]?.forms[0] ?? draft.form })}
        hint={food ? `${food.name}, ${formById(draft.form).label}` : 'No food by that name'}
      />
      <View style={styles.row}>
        {field('mass', 'Weight', massUnitOf(units))}
        {field('thickest', 'Thickest', lengthUnitOf(units))}
        {field('start', 'Starts', `°${units.temperature}`)}
      </View>
      <Choice
        label="Place"
        value={draft.place}
        onChange={(place) => set(usualAt(place, units))}
        options={PLACES}
      />
      <View style={styles.row}>
        {field('around', 'Around it', `°${units.temperature}`)}
        {field('h', 'h, W/m²K')}
      </View>
      {problem && (
        <Words tone="hot" role="alert">
          {problem}
        </Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.m },
  row: { flexDirection: 'row', gap: space.m, alignItems: 'flex-start' },
});
