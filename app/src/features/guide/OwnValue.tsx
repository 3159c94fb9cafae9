import { stricter, type Rule } from '@omtel/core/guidance';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useChangeSettingsMutation } from '../../store/api';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { space } from '../../ui/tokens';
import { Heading } from '../../ui/Words';
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
  const looser =
    read !== null &&
    'value' in read &&
    JSON.stringify(stricter(rule.value, read.value)) === JSON.stringify(rule.value);
  const problem =
    read && 'problem' in read ? read.problem : looser ? 'That is no stricter than the rule.' : undefined;
  const set = () => {
    if (!read || !('value' in read) || looser) return;
    void change({ guidance: { ...guidance, own: [...others, { path, value: read.value }] } });
    setText('');
  };
  return (
    <View style={styles.group}>
      <Heading level={3}>Your own, stricter</Heading>
      <Field
        label="At your table"
        value={text}
        onChange={setText}
        numeric
        suffix={unit}
        problem={problem}
        onSubmit={set}
      />
      <View style={styles.row}>
        <Button label="Set it" disabled={!read || Boolean(problem)} onPress={set} />
        {rule.own && (
          <Button
            label="Back to the rule"
            onPress={() => void change({ guidance: { ...guidance, own: others } })}
          />
        )}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.s },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
});
