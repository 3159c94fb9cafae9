import {
  describeValue,
  ruleById,
  ruleIn,
  rulesOf,
  sectionOf,
  sources,
  UnknownRule,
  type Rule,
  type RuleSet,
  type RuleSetId,
} from '@omtel/core/guidance';
import { useLocalSearchParams } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Panel } from '../../ui/Panel';
import { Screen } from '../../ui/Screen';
import { Empty } from '../../ui/states';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { PageLink } from '../../ui/PageLink';
import { calculatorsOf } from './calculators';
import { OwnValue } from './OwnValue';

/** One rule, beside the guide or on a page of its own: its value in both unit systems, its source, and why it reads as it does. */
export function RuleScreen({ ruleId }: { readonly ruleId?: string }) {
  const { id: named } = useLocalSearchParams<{ id: string }>();
  const id = ruleId ?? named;
  const { rules, units } = useKitchen();
  const rule = ruleFor(id, rules);
  if (!rule) {
    return (
      <Screen title="Rule" backTo="/guide">
        <Empty title="No such rule">It may have been renamed. Look for it in the guide.</Empty>
      </Screen>
    );
  }
  const other =
    units.temperature === 'C'
      ? ({ temperature: 'F', mass: 'imperial' } as const)
      : ({ temperature: 'C', mass: 'metric' } as const);
  const [here, there] = [describeValue(rule.value, units), describeValue(rule.value, other)];
  const source = sources[rule.source];
  return (
    <Screen
      title={rule.title}
      subtitle={rulesOf(id.split('.')[0] as RuleSetId).name}
      backTo={ruleId ? undefined : '/guide'}
      rules
    >
      <Panel edge="rim">
        <Heading>{here}</Heading>
        {there !== here && <Words tone="soft">{there}</Words>}
      </Panel>
      {rule.borrowed && (
        <Words>{`${rulesOf(id.split('.')[0] as RuleSetId).name} is silent here and borrows the home chart’s value.`}</Words>
      )}
      {rule.own && <Words>Your own, stricter than the rule.</Words>}
      {rule.note && <Words>{rule.note}</Words>}
      {calculatorsOf(id).map(({ href, title }) => (
        <PageLink key={href} href={href}>
          <Words face="strong" tone="rim">{`Work it out: ${title}`}</Words>
        </PageLink>
      ))}
      {id.startsWith(`${rules.school}.`) && <OwnValue rule={rule} />}
      <View style={styles.source}>
        <Heading small>Source</Heading>
        <Words>{[source.title, sectionOf(rule)].filter(Boolean).join(', ')}</Words>
        <Words tone="soft">{source.publisher}</Words>
        <Words size="small" tone="soft">{`Rule ${rule.id}`}</Words>
      </View>
    </Screen>
  );
}

/** The rule as this household has it; one of another school as it was published. */
function ruleFor(id: string, rules: RuleSet): Rule | null {
  try {
    return id.startsWith(`${rules.school}.`) ? ruleIn(rules, id) : ruleById(id);
  } catch (error) {
    if (error instanceof UnknownRule) return null;
    throw error;
  }
}

const styles = StyleSheet.create({ source: { gap: space.xs } });
