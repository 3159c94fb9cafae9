import { kindsOf, storageOf, targetOf } from '@omtel/core/clocks';
import { describeValue, type Rule } from '@omtel/core/guidance';
import { Link } from 'expo-router';
import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import type { FoundFood } from './find';

/** The numbers of a food, there and then: cook to, and how long it keeps. */
export const FoodNumbers = memo(function FoodNumbers({ food }: { readonly food: FoundFood }) {
  const { rules } = useKitchen();
  const [foodKey, ...parts] = food.kinds;
  return (
    <View style={styles.food}>
      <Words size="lead" face="strong">
        {food.title}
      </Words>
      {numbersOf({ foodKey: foodKey!, parts }, rules).map(([label, rule]) => (
        <NumberLine key={label} label={label} rule={rule} />
      ))}
    </View>
  );
});

/** Of a mixed dish the strictest of its parts, as its rulings are. */
function numbersOf(
  kinds: { readonly foodKey: string; readonly parts: readonly string[] },
  rules: ReturnType<typeof useKitchen>['rules'],
): [string, Rule][] {
  const target = targetOf(kinds, rules);
  const raw = kindsOf(kinds).some(({ rawStorage }) => rawStorage !== null);
  const [asRaw, asCooked] = [false, true].map((cooked) => storageOf({ ...kinds, cooked }, rules)) as [
    ReturnType<typeof storageOf>,
    ReturnType<typeof storageOf>,
  ];
  const freezer = (asRaw ?? asCooked)?.freezer;
  return [
    ...(target ? [['Cook to', target] as [string, Rule]] : []),
    ...(raw && asRaw ? [['Raw, refrigerator', asRaw.refrigerator] as [string, Rule]] : []),
    ...(asCooked
      ? [[raw ? 'Cooked, refrigerator' : 'Refrigerator', asCooked.refrigerator] as [string, Rule]]
      : []),
    ...(freezer ? [['Freezer', freezer] as [string, Rule]] : []),
  ];
}

function NumberLine({ label, rule }: { readonly label: string; readonly rule: Rule }) {
  const { units } = useKitchen();
  return (
    <Link href={`/guide/rule/${rule.id}` as never}>
      <View style={styles.line}>
        <Words tone="soft">{label}</Words>
        <Words face="strong" tabular style={styles.value}>
          {describeValue(rule.value, units)}
        </Words>
      </View>
    </Link>
  );
}

const styles = StyleSheet.create({
  food: { gap: space.xs },
  line: { flexDirection: 'row', gap: space.m, justifyContent: 'space-between', width: '100%' },
  value: { flexShrink: 1, textAlign: 'right' },
});
