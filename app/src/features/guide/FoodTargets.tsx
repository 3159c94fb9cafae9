import { searchFoods, type Food } from '@omtel/core/foods';
import { describeValue, type Rule } from '@omtel/core/guidance';
import { Link } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Rows } from '../../ui/Rows';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';

const MOST_SHOWN = 4;

/** The numbers of the foods that fit what was typed, there and then: cook to, and how long it keeps. */
export function FoodTargets({ text }: { readonly text: string }) {
  const { rules } = useKitchen();
  return (
    <Rows>
      {searchFoods(text)
        .slice(0, MOST_SHOWN)
        .map((food) => (
          <View key={food.id} style={styles.food}>
            <Words size="lead" face="strong">
              {food.name}
            </Words>
            {numbersOf(food, rules).map(([label, rule]) => (
              <NumberLine key={label} label={label} rule={rule} />
            ))}
          </View>
        ))}
    </Rows>
  );
}

function numbersOf(
  food: Food,
  { cooking, storage }: ReturnType<typeof useKitchen>['rules'],
): [string, Rule][] {
  return [
    ...(food.cooking ? [['Cook to', cooking.targets[food.cooking]] as [string, Rule]] : []),
    ...(food.rawStorage
      ? [['Raw, refrigerator', storage[food.rawStorage].refrigerator] as [string, Rule]]
      : []),
    [food.rawStorage ? 'Cooked, refrigerator' : 'Refrigerator', storage[food.cookedStorage].refrigerator],
    ['Freezer', storage[food.rawStorage ?? food.cookedStorage].freezer],
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
