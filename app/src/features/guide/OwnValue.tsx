import { describeValue, offersFor, stricter, type Rule, type RuleValue } from '@omtel/core/guidance';
import type { TemperatureUnit } from '@omtel/core/units';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useChangeSettingsMutation } from '../../store/api';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { ownUnit, readOwn } from './ownDraft';

/** A value the household sets for itself: stricter than the rule, never looser. */
export function OwnValue({ rule }: { readonly rule: Rule }) {
  const { units, settings } = useKitchen();
  const [change] = useChangeSettingsMutation();
  const [text, setText] = useState('');
  const unit = ownUnit(rule, units);
  if (unit === null) return null;
  const path = rule.id.slice(rule.id.indexOf('.') + 1);
  const { guidance } = settings;
  const others = guidance.own.filter((own) => own.path !== path);
  const read = text.trim() === '' ? null : readOwn(rule, text, units);
  const isLooser = (value: RuleValue) =>
    JSON.stringify(stricter(rule.value, value)) === JSON.stringify(rule.value);
  const looser = read !== null && 'value' in read && isLooser(read.value);
  const problem =
    read && 'problem' in read ? read.problem : looser ? 'That is no stricter than the rule.' : undefined;
  const set = (value: RuleValue) => {
    void change({ guidance: { ...guidance, own: [...others, { path, value }] } });
    setText('');
  };
  const setTyped = () => {
    if (read && 'value' in read && !looser) set(read.value);
  };
  const offers = offersFor(path).filter(({ value }) => !isLooser(value));
  return (
    <View style={styles.group}>
      <Heading small>Your own, stricter</Heading>
      {offers.map(({ says, value }) => (
        <View key={says} style={styles.offer}>
          <Words style={styles.says}>{says}</Words>
          <Button label={`Set ${describeValue(value, units)}`} onPress={() => set(value)} />
        </View>
      ))}
      <Field
        label="At your table"
        value={text}
        onChange={setText}
        numeric
        {...(unit.startsWith('°') ? { unit: unit as `°${TemperatureUnit}` } : { suffix: unit })}
        problem={problem}
        onSubmit={setTyped}
      />
      <View style={styles.row}>
        <Button label="Set it" disabled={!read || Boolean(problem)} onPress={setTyped} />
        {rule.own && (
          <Button
            label="Back to the rule"
            onPress={() => change({ guidance: { ...guidance, own: others } })}
          />
        )}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.s },
  offer: { alignItems: 'center', flexDirection: 'row', gap: space.s, justifyContent: 'space-between' },
  says: { flex: 1 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
});
