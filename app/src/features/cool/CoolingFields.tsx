import { containers, containerWords } from '@omtel/core/forecast';
import { lengthUnitOf } from '@omtel/core/units';
import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Stepper } from '../../ui/Stepper';
import { space } from '../../ui/tokens';
import { OWN, WHERE_WORDS, type CoolingChoices, type Where } from './coolingChoices';

const MOST_CONTAINERS = 16;
const PLACES = (Object.keys(WHERE_WORDS) as Where[]).map((value) => ({ value, label: WHERE_WORDS[value] }));

interface CoolingFieldsProps {
  readonly choices: CoolingChoices;
  readonly onChange: (change: Partial<CoolingChoices>) => void;
  /** The sentences that belong at its fields. */
  readonly containerProblem: string | undefined;
  readonly startProblem: string | undefined;
}

/** Into what, how many, and where. A forecast that comes in beside it does not draw it anew. */
export const CoolingFields = memo(function CoolingFields({
  choices,
  onChange: set,
  containerProblem,
  startProblem,
}: CoolingFieldsProps) {
  const { units } = useKitchen();
  return (
    <>
      <Choice
        label="Into"
        value={choices.containerId}
        onChange={(id) => set({ containerId: id })}
        options={[
          ...containers.map((each) => ({ value: each.id, label: containerWords(each, units) })),
          { value: OWN, label: 'Own size' },
        ]}
      />
      {choices.containerId === OWN && (
        <View style={styles.row}>
          <Field
            label="Length"
            unit={lengthUnitOf(units)}
            numeric
            value={choices.ownLength}
            onChange={(ownLength) => set({ ownLength })}
            problem={containerProblem}
          />
          <Field
            label="Width"
            unit={lengthUnitOf(units)}
            numeric
            value={choices.ownWidth}
            onChange={(ownWidth) => set({ ownWidth })}
          />
        </View>
      )}
      <Stepper
        label="How many"
        value={choices.count}
        min={1}
        max={MOST_CONTAINERS}
        onChange={(count) => set({ count })}
      />
      <Choice label="Where" value={choices.where} onChange={(where) => set({ where })} options={PLACES} />
      <View style={styles.row}>
        <Choice
          label="Lid"
          value={choices.lid ? 'on' : 'off'}
          onChange={(lid) => set({ lid: lid === 'on' })}
          options={[
            { value: 'off', label: 'Off' },
            { value: 'on', label: 'On' },
          ]}
        />
        <Choice
          label="Stirred"
          value={choices.stirred ? 'yes' : 'no'}
          onChange={(stirred) => set({ stirred: stirred === 'yes' })}
          options={[
            { value: 'no', label: 'No' },
            { value: 'yes', label: 'Yes' },
          ]}
        />
        <Field
          label={`Now, °${units.temperature}`}
          unit={`°${units.temperature}`}
          numeric
          value={choices.start}
          onChange={(text) => set({ start: text })}
          problem={startProblem}
        />
      </View>
    </>
  );
});

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m, alignItems: 'flex-start' },
});
