import {
  METHOD_WORDS,
  methodTimes,
  methodWindow,
  obstacleWords,
  thawGrounds,
  type Method,
  type MethodPlan,
} from '@omtel/core/plan';
import { Link } from 'expo-router';
import { memo, useDeferredValue } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { corner, space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Heading, Words } from '../../ui/Words';

interface MethodListProps {
  readonly plans: readonly MethodPlan[];
  readonly chosen: Method | null;
  readonly onChoose: (method: Method) => void;
}

/**
 * Every way to the table side by side: when it must start, or why it will not do. It follows once what was tapped, or a
 * curve that came in, is drawn: neither waits for the other ways.
 */
export function MethodList({ plans, chosen, onChoose }: MethodListProps) {
  return <Ways plans={useDeferredValue(plans)} chosen={useDeferredValue(chosen)} onChoose={onChoose} />;
}

const Ways = memo(function Ways({ plans, chosen, onChoose }: MethodListProps) {
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
});

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
    <View
      style={[
        styles.way,
        {
          borderColor: chosen ? colors.rim : colors.outline,
          backgroundColor: feasible ? colors.enamel : 'transparent',
        },
      ]}
    >
      <Pressable
        role="radio"
        aria-checked={chosen}
        aria-disabled={!feasible}
        disabled={!feasible}
        onPress={() => onChoose(method)}
        style={styles.choice}
      >
        <View
          style={[
            styles.dot,
            {
              borderColor: feasible ? colors.rim : colors.outline,
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
          </Words>
          {plan.ruleThaw && plan.computedThaw && (
            <Words size="small" tone="soft">
              {thawGrounds(plan)}
            </Words>
          )}
        </View>
      </Pressable>
      {ruleIds[0] && (
        <Link href={`/guide/rule/${ruleIds[0]}` as never} style={styles.rule}>
          <Words size="small" tone="rim">
            Rule
          </Words>
        </Link>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  list: { gap: space.s },
  way: { flexDirection: 'row', borderWidth: 1.5, borderRadius: corner.l, alignItems: 'flex-start' },
  choice: { flex: 1, flexDirection: 'row', gap: space.m, padding: space.m },
  dot: { width: space.xl, height: space.xl, borderRadius: space.m, borderWidth: 2, marginTop: space.xs },
  words: { flex: 1, gap: space.xs },
  rule: { padding: space.m },
});
