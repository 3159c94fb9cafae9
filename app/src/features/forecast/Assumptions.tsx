import type { Assumption } from '@omtel/core/forecast';
import { lengthUnitOf } from '@omtel/core/units';
import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Rows } from '../../ui/Rows';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { TIMES, type TweakDraft } from './tweakDraft';

interface AssumptionsProps {
  readonly items: readonly Assumption[];
  readonly tweaks: TweakDraft;
  readonly onChange: (tweaks: TweakDraft) => void;
  /** Fields for what only this forecast assumes. */
  readonly fields?: ReactNode;
}

/** What a forecast took for granted, one tap away, and changeable there: how well heat passes, how fat, how thick. */
export function Assumptions({ items, tweaks, onChange, fields }: AssumptionsProps) {
  const { units } = useKitchen();
  const [open, setOpen] = useState(false);
  return (
    <View>
      <Button
        kind="plain"
        label={open ? 'Hide what is assumed' : 'What is assumed'}
        onPress={() => setOpen(!open)}
      />
      {open && (
        <View style={styles.row}>
          <Choice
            label="Heat passes"
            value={tweaks.hTimes}
            onChange={(hTimes) => onChange({ ...tweaks, hTimes })}
            options={TIMES.map((value) => ({ value, label: `× ${value}` }))}
          />
          <Field label="Fat, %" numeric value={tweaks.fat} onChange={(fat) => onChange({ ...tweaks, fat })} />
          {tweaks.thickest !== undefined && (
            <Field
              label={`Thickest, ${lengthUnitOf(units)}`}
              unit={lengthUnitOf(units)}
              numeric
              value={tweaks.thickest}
              onChange={(thickest) => onChange({ ...tweaks, thickest })}
            />
          )}
          {fields}
        </View>
      )}
      {open && (
        <Rows>
          {items.map(({ what, value }) => (
            <View key={what} style={styles.line}>
              <Words style={styles.what}>{what}</Words>
              <Words tone="soft" style={styles.value}>
                {value}
              </Words>
            </View>
          ))}
        </Rows>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', gap: space.m },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m, paddingBottom: space.s },
  what: { flex: 1 },
  value: { flex: 2 },
});
