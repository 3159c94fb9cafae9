import { describeValue, listRules, type Rule, type RuleSet } from '@omtel/core/guidance';
import { Link, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Rows } from '../../ui/Rows';
import { Screen } from '../../ui/Screen';
import { Empty } from '../../ui/states';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { UnitSwitch } from '../shell/UnitSwitch';

/** The rooms of a rule set, in the order a cook asks for them. */
const SECTIONS: [title: string, of: (rules: RuleSet) => object][] = [
  ['Cook to', ({ cooking }) => cooking.targets],
  ['Out of the cold', ({ bands, bandTime, holding }) => ({ bands, bandTime, holding })],
  ['Thaw', ({ thawing, afterThaw, refreezing }) => ({ thawing, afterThaw, refreezing })],
  ['Cool and heat again', ({ cooling, reheating }) => ({ cooling, reheating })],
  ['Keep', ({ storage }) => storage],
  [
    'Roast',
    ({ roasting, cooking }) => ({
      oven: cooking.oven,
      rest: cooking.jointRest,
      interrupting: cooking.interrupting,
      roasting,
    }),
  ],
  [
    'Thermometer, cleaning, power cuts',
    ({ thermometer, keepingApart, servings, powerCut }) => ({
      thermometer,
      keepingApart,
      servings,
      powerCut,
    }),
  ],
];

/** The numbers asked for, in this household's units, each with its rule and source one tap away. */
export function GuideScreen() {
  const { rules, units } = useKitchen();
  const router = useRouter();
  const [text, setText] = useState('');
  const sections = useMemo(
    () => SECTIONS.map(([title, of]): [string, readonly Rule[]] => [title, listRules(of(rules) as RuleSet)]),
    [rules],
  );
  const wanted = text.trim().toLowerCase();
  const shown = sections
    .map(([title, found]): [string, readonly Rule[]] => [
      title,
      found.filter((rule) => rule.title.toLowerCase().includes(wanted)),
    ])
    .filter(([, found]) => found.length > 0);
  return (
    <Screen title="Guide" subtitle={rules.name} aside={<UnitSwitch />} rules>
      <Button label="What if: try shape, weight and place" onPress={() => router.push('/guide/bench')} />
      <Field label="Find a number" value={text} onChange={setText} hint="Such as poultry, soup, thawing" />
      {shown.length === 0 && <Empty title="No rule by that name">Try a plainer word.</Empty>}
      {shown.map(([title, found]) => (
        <Rows key={title} title={title}>
          {found.map((rule) => (
            <Link key={rule.id} href={`/guide/rule/${rule.id}` as never}>
              <View style={styles.line}>
                <Words style={styles.title}>{rule.title}</Words>
                <Words face="strong" tabular style={styles.value}>
                  {rule.value.kind === 'roastTable' ? 'chart' : describeValue(rule.value, units)}
                </Words>
              </View>
            </Link>
          ))}
        </Rows>
      ))}
    </Screen>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', gap: space.m, justifyContent: 'space-between', width: '100%' },
  title: { flex: 1 },
  value: { flexShrink: 1, maxWidth: '55%', textAlign: 'right' },
});
