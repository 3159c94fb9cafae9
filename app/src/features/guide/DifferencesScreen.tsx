import { differences, type Difference } from '@omtel/core/differences';
import { describeValue, ruleById, rulesOf, schools, type Rule } from '@omtel/core/guidance';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Choice } from '../../ui/Choice';
import { PageLink } from '../../ui/PageLink';
import { Screen } from '../../ui/Screen';
import { Empty } from '../../ui/states';
import { REACH, space } from '../../ui/tokens';
import { useWide } from '../../ui/theme';
import { Rows } from '../../ui/Rows';
import { Words } from '../../ui/Words';
import { DifferencesTable } from './DifferencesTable';
import { SchoolNotes } from './SchoolNotes';

const ALL = differences();

const ROOMS = [
  { value: 'cooking', label: 'Cook', paths: /^(cooking|reheating)/ },
  { value: 'time', label: 'Out of the cold', paths: /^(bands|bandTime)/ },
  { value: 'cooling', label: 'Cool', paths: /^cooling/ },
  { value: 'thawing', label: 'Thaw', paths: /^(thawing|afterThaw|refreezing)/ },
  { value: 'storage', label: 'Keep', paths: /^storage/ },
] as const;
type Room = (typeof ROOMS)[number]['value'];

/** Where the schools differ, rule by rule, and why Omtel reads each as it does. */
export function DifferencesScreen() {
  const wide = useWide();
  const [room, setRoom] = useState<Room>('cooking');
  const { paths } = ROOMS.find(({ value }) => value === room)!;
  const shown = ALL.filter(({ path }) => paths.test(path));
  return (
    <Screen
      title="Where schools differ"
      subtitle="And what extra care makes of it"
      backTo="/guide"
      rules
      roomy
    >
      <Words tone="soft">
        Advice honestly differs between kitchens and countries. Omtel starts with the home chart: it asks for
        no thermometer log, and is the strictest on time. Where a school is silent it borrows the home chart’s
        value.
      </Words>
      <Choice label="About" quiet value={room} onChange={setRoom} options={ROOMS} />
      {shown.length === 0 && <Empty title="No difference">All schools say the same here.</Empty>}
      {wide ? (
        shown.length > 0 && <DifferencesTable differences={shown} />
      ) : (
        <Rows>
          {shown.map((difference) => (
            <Row key={difference.path} difference={difference} />
          ))}
        </Rows>
      )}
    </Screen>
  );
}

function Row({ difference: { path, title, rules } }: { readonly difference: Difference }) {
  return (
    <View style={styles.rule}>
      <Words face="strong">{title}</Words>
      <View style={styles.lines}>
        {schools.map((school) => (
          <Said key={school} rule={rules[school]} name={rulesOf(school).name} />
        ))}
        <Said rule={ruleById(`care.${path}`)} name="Extra care" />
      </View>
      <SchoolNotes rules={rules} />
    </View>
  );
}

function Said({ rule, name }: { readonly rule: Rule; readonly name: string }) {
  const { units } = useKitchen();
  return (
    <View style={styles.said}>
      <Words size="small" tone="soft" style={styles.name}>
        {name + (rule.borrowed ? ', borrowed' : '')}
      </Words>
      <PageLink href={`/guide/rule/${rule.id}`} style={styles.value}>
        <Words tabular>{describeValue(rule.value, units)}</Words>
      </PageLink>
    </View>
  );
}

const styles = StyleSheet.create({
  rule: { gap: space.s },
  lines: { gap: space.xs },
  said: { flexDirection: 'row', gap: space.m, alignItems: 'center' },
  name: { width: 112 },
  value: { flex: 1, minHeight: REACH, justifyContent: 'center' },
});
