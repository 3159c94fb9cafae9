import { describeValue, listRules, type Rule, type RuleSet } from '@omtel/core/guidance';
import { says } from '@omtel/core/foods';
import type { UnitSystem } from '@omtel/core/units';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { PageLink } from '../../ui/PageLink';
import { Rows, wholeRow } from '../../ui/Rows';
import { SearchField } from '../../ui/SearchField';
import { ListScreen } from '../../ui/Screen';
import { Split } from '../../ui/Split';
import { Empty } from '../../ui/states';
import { useWide } from '../../ui/theme';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { useSearchReady } from '../../ui/useSearchReady';
import { find, readyToFind, type Found } from './find';
import { FoodNumbers } from './FoodNumbers';
import { RuleScreen } from './RuleScreen';

/** The rooms of a rule set, in the order a cook asks for them. */
const SECTIONS: [title: string, of: (rules: RuleSet) => object][] = [
  ['Cook to', ({ cooking }) => cooking.targets],
  ['Out of the cold', ({ bands, bandTime, holding }) => ({ bands, bandTime, holding })],
  [
    'Thaw',
    ({ thawing, afterThaw, afterThawCooked, refreezing }) => ({
      thawing,
      afterThaw,
      afterThawCooked,
      refreezing,
    }),
  ],
  ['Cool and heat again', ({ cooling, reheating }) => ({ cooling, reheating })],
  ['Not eaten at all', ({ avoided }) => ({ avoided })],
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
    ({ thermometer, keepingApart, frying, servings, powerCut }) => ({
      thermometer,
      keepingApart,
      frying,
      servings,
      powerCut,
    }),
  ],
];

/** The numbers asked for, in this household's units, each with its rule and source one tap away. */
export function GuideScreen() {
  const {
    rules,
    units,
    settings: { ownFoods },
  } = useKitchen();
  const router = useRouter();
  const [text, setText] = useState('');
  const sections = useMemo(
    () => SECTIONS.map(([title, of]): [string, readonly Rule[]] => [title, listRules(of(rules) as RuleSet)]),
    [rules],
  );
  const wanted = text.trim().toLowerCase();
  useSearchReady();
  useEffect(() => {
    const timer = setTimeout(() => readyToFind(rules), READY_AFTER_MS);
    return () => clearTimeout(timer);
  }, [rules]);
  const shown = useMemo(
    () =>
      sections.map(([title, found]) => ({ title, data: found.filter((rule) => says(rule.title, wanted)) })),
    [sections, wanted],
  );
  const found = useMemo(() => find(wanted, rules, ownFoods).slice(0, MOST_FOUND), [wanted, rules, ownFoods]);
  const nothing = found.length === 0 && shown.every(({ data }) => data.length === 0);
  const wide = useWide();
  const { rule: chosen = shown.find(({ data }) => data.length > 0)?.data[0]?.id } = useLocalSearchParams<{
    rule?: string;
  }>();
  const row = useCallback(
    (rule: Rule) => (
      <PageLink
        href={wide ? `/guide?rule=${rule.id}` : `/guide/rule/${rule.id}`}
        style={[styles.line, wholeRow]}
      >
        <Words style={styles.title} face={wide && rule.id === chosen ? 'strong' : 'text'}>
          {rule.title}
        </Words>
        <Words face="strong" tabular style={styles.value}>
          {valueWords(rule, units)}
        </Words>
      </PageLink>
    ),
    [units, wide, chosen],
  );
  const list = (
    <ListScreen title="Guide" subtitle={rules.name} rules sections={shown} keyOf={({ id }) => id} row={row}>
      <SearchField
        label="Find a number"
        onSearch={setText}
        hint="As you would ask: turkey for 11, rice how long, gas mark 6"
      />
      {found.length > 0 && (
        <Rows title="Likeliest">
          {found.map((each) => (
            <FoundRow key={each.id} found={each} />
          ))}
        </Rows>
      )}
      {wanted === '' && (
        <View style={styles.doors}>
          <Button label="Work something out" onPress={() => router.push('/guide/calculators')} />
          <Button label="How it is done" onPress={() => router.push('/guide/practice')} />
          <Button label="Practice" onPress={() => router.push('/guide/drill')} />
          <Button label="Cards to print" onPress={() => router.push('/print/cards')} />
          <Button label="Where schools differ" onPress={() => router.push('/guide/differences')} />
          <Button label="Sources" onPress={() => router.push('/guide/sources')} />
        </View>
      )}

      {nothing && <Empty title="No rule by that name">Try a plainer word.</Empty>}
    </ListScreen>
  );
  return <Split list={list} detail={chosen && <RuleScreen key={chosen} ruleId={chosen} />} />;
}

/** What answers on another page, or there and then. */
function FoundRow({ found }: { readonly found: Found }) {
  const { units } = useKitchen();
  if (found.kind === 'food') return <FoodNumbers food={found} />;
  return (
    <PageLink href={found.href} style={[styles.line, wholeRow]}>
      <Words
        style={styles.title}
        face={found.kind === 'rule' ? 'text' : 'strong'}
        tone={found.kind === 'rule' ? 'ink' : 'rim'}
      >
        {found.title}
      </Words>
      {found.kind === 'rule' && (
        <Words face="strong" tabular style={styles.value}>
          {valueWords(found.rule, units)}
        </Words>
      )}
    </PageLink>
  );
}

const valueWords = (rule: Rule, units: UnitSystem): string =>
  rule.value.kind === 'roastTable' ? 'chart' : describeValue(rule.value, units);

/** Once the guide stands. */
const READY_AFTER_MS = 300;
/** As many as a phone shows above the rules themselves. */
const MOST_FOUND = 6;

const styles = StyleSheet.create({
  doors: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
  line: { flexDirection: 'row', gap: space.m, justifyContent: 'space-between', width: '100%' },
  title: { flex: 1 },
  value: { flexShrink: 1, maxWidth: '55%', textAlign: 'right' },
});
