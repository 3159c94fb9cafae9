import {
  METHOD_WORDS,
  methodTimes,
  methodWindow,
  obstacleWords,
  type Method,
  type MethodPlan,
} from '@omtel/core/plan';
import { Link } from 'expo-router';
import { Pressable, StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Heading, Words } from '../../ui/Words';

interface MethodListProps {
  readonly plans: readonly MethodPlan[];
  readonly chosen: Method | null;
  readonly onChoose: (method: Method) => void;
}

/** Every way to the table side by side: when it must start, or why it will not do. */
export function MethodList({ plans, chosen, onChoose }: MethodListProps) {
  const { now, zone } = useKitchen();
  return (
    <View style={styles.list} role="radiogroup" aria-label="Ways to thaw">
      <Heading>{plans.length > 1 ? 'Ways that are left' : 'The way'}</Heading>
      {plans.map((plan) => (
        <Way
          key={plan.method}
          plan={plan}
          chosen={plan.method === chosen}
          onChoose={onChoose}
          now={now}
          zone={zone}
        />
      ))}
    </View>
  );
}

interface WayProps {
  readonly plan: MethodPlan;
  readonly chosen: boolean;
  readonly onChoose: (method: Method) => void;
  readonly now: number;
  readonly zone: string;
}

function Way({ plan, chosen, onChoose, now, zone }: WayProps) {
  const { colors } = useLook();
  const { method, feasible, ruleIds } = plan;
  return (
    <Pressable
      role="radio"
      aria-checked={chosen}
      aria-disabled={!feasible}
      disabled={!feasible}
      onPress={() => onChoose(method)}
      style={[
        styles.way,
        {
          borderColor: chosen ? colors.rim : colors.line,
          backgroundColor: feasible ? colors.enamel : 'transparent',
        },
      ]}
    >
      <View
        style={[
          styles.dot,
          {
            borderColor: feasible ? colors.rim : colors.line,
            backgroundColor: chosen ? colors.rim : 'transparent',
          },
        ]}
      />
      <View style={styles.words}>
        <Words size="lead" face="strong" tone={feasible ? 'ink' : 'soft'}>
          {METHOD_WORDS[method]}
        </Words>
        <Words tone={feasible ? 'ink' : 'soft'}>
          {feasible ? methodWindow(plan, now, zone) : obstacleWords(plan, now, zone)}
        </Words>
        <Words size="small" tone="soft">
          {methodTimes(plan)}
          {ruleIds[0] && (
            <>
              {' · '}
              <Link href={`/guide/rule/${ruleIds[0]}` as never}>
                <Words size="small" tone="rim">
                  rule
                </Words>
              </Link>
            </>
          )}
        </Words>
      </View>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  list: { gap: space.s },
  way: { flexDirection: 'row', gap: space.m, borderWidth: 1.5, borderRadius: 12, padding: space.m },
  dot: { width: 22, height: 22, borderRadius: 11, borderWidth: 2, marginTop: 3 },
  words: { flex: 1, gap: 2 },
});
