import { describeValue, listRules, sources } from '@omtel/core/guidance';
import { useLocalSearchParams } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Panel } from '../../ui/Panel';
import { Screen } from '../../ui/Screen';
import { Empty } from '../../ui/states';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { UnitSwitch } from '../shell/UnitSwitch';

/** One rule: its value in both unit systems, its source, and why it reads as it does. */
export function RuleScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { rules, units } = useKitchen();
  const rule = listRules(rules).find((candidate) => candidate.id === id);
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
    <Screen title={rule.title} subtitle={rules.name} backTo="/guide" aside={<UnitSwitch />} rules>
      <Panel edge="rim">
        <Heading>{here}</Heading>
        {there !== here && <Words tone="soft">{there}</Words>}
      </Panel>
      {rule.note && <Words>{rule.note}</Words>}
      <View style={styles.source}>
        <Heading level={3}>Source</Heading>
        <Words>{source.title}</Words>
        <Words tone="soft">{source.publisher}</Words>
        <Words size="small" tone="soft">{`Rule ${rule.id}`}</Words>
      </View>
    </Screen>
  );
}

const styles = StyleSheet.create({ source: { gap: space.xs } });
