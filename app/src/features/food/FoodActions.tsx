import type { RuleSet } from '@omtel/core/guidance';
import { isHeated, mayFreeze, runningExposure } from '@omtel/core/clocks';
import type { EventType, Payload } from '@omtel/core/record';
import { keptAs, type FoodState } from '@omtel/core/trail';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useMay } from '../../store/useMay';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { space } from '../../ui/tokens';
import { Heading } from '../../ui/Words';
import { useMealOf } from '../meal';
import { SomeOfIt } from './SomeOfIt';
import { useRecord } from './useAct';

/** Something that can be done: a page to open, or an entry to make. */
type Action = { readonly label: string } & (
  | { readonly page: string }
  | {
      [Type in EventType]: { readonly noted: string; readonly type: Type; readonly payload: Payload<Type> };
    }[EventType]
);

/** All else that can happen to a food from where it is: what it is likeliest to need next stands out. */
export function FoodActions({ food }: { readonly food: FoodState }) {
  const { rules } = useKitchen(food);
  const recordNow = useRecord();
  const router = useRouter();
  const mealId = useMealOf(food.foodId)?.meal.mealId ?? null;
  const mayPlan = useMay('decide');
  if (food.place === 'gone') return null;
  const { likely, other } = actionsOf(food, rules, mealId, mayPlan);
  const button = (action: Action, kind: 'other' | 'plain') => (
    <Button
      key={action.label}
      kind={kind}
      label={action.label}
      onPress={() =>
        'page' in action
          ? router.push(action.page as never)
          : recordNow(food, action.noted, action.type, action.payload)
      }
    />
  );
  const keptCooked = food.cooked && food.stage === 'stored';
  return (
    <View style={styles.group}>
      <Heading small tone="soft">
        Also
      </Heading>
      <View style={styles.row}>
        {likely.map((action) => button(action, 'other'))}
        {food.cooked && (
          <SomeOfIt
            food={food}
            kind="other"
            acts={keptCooked && isHeated(food) ? ['heat', 'eat'] : ['eat']}
          />
        )}
      </View>
      <View style={[styles.row, styles.others]}>
        {other.map((action) => button(action, 'plain'))}
        <SomeOfIt food={food} kind="plain" acts={['discard']} />
      </View>
    </View>
  );
}

/** What can be done with a food where it is, as it is: what it is likeliest to need next, and all else. */
function actionsOf(
  food: FoodState,
  rules: RuleSet,
  mealId: string | null,
  mayPlan: boolean,
): { likely: readonly Action[]; other: readonly Action[] } {
  const { place, stage, cooked, plan, foodId, spell } = food;
  const page = (name: string): string => `/food/${foodId}/${name}`;
  const inCold = place === 'refrigerator' || place === 'freezer';
  const isCold = runningExposure(food.exposures)?.side === 'cold';
  const doubted = spell !== null && place === 'freezer';
  const readable = place !== 'freezer' || spell !== null;
  const hot = cooked && !food.sealed && !inCold && place !== 'ice';
  const some = <Each,>(when: boolean, ...actions: readonly Each[]): readonly Each[] => (when ? actions : []);

  const read: Action = { label: keptAs(food) ? 'Check it' : 'Log a reading', page: page('cook') };
  const label: Action = { label: 'Label', page: `/print/label?of=${foodId}` };
  const toFreezer: Action = {
    label: 'To the freezer',
    noted: 'to the freezer',
    type: 'moved',
    payload: { place: 'freezer' },
  };
  const toCold: Action = {
    label: 'To the refrigerator',
    noted: 'to the refrigerator',
    type: 'moved',
    payload: { place: 'refrigerator' },
  };
  const planIt: Action =
    mealId && !plan
      ? { label: 'The meal it is for', page: `/plan/meal/${mealId}` }
      : {
          label: plan ? 'Change the plan' : stage === 'frozen' ? 'When must it come out?' : 'Plan it',
          page: `/plan/new?food=${foodId}`,
        };
  const likely: readonly Action[] = [
    ...some<Action>(doubted, { label: 'Ice in it', noted: 'ice in it', type: 'iceSeen', payload: {} }),
    ...some<Action>(hot, { label: 'Put away', page: page('leftovers') }),
    ...some<Action>(stage === 'thawing' && (plan !== null || mealId !== null), {
      label: 'Still icy',
      page: page('icy'),
    }),
    ...some(readable && (!cooked || place === 'ice'), read),
    ...some(
      place !== 'refrigerator' && place !== 'heat' && (!cooked || inCold || isCold || place === 'ice'),
      toCold,
    ),
    ...some(mayPlan && !cooked && !food.cook && place !== 'heat', planIt),
    ...some(place === 'refrigerator' && mayFreeze(food, rules), toFreezer),
    ...some<Action>(place === 'refrigerator' && cooked && isHeated(food) && mayFreeze(food, rules), {
      label: 'Freeze in tubs',
      page: `/guide/tubs?food=${foodId}`,
    }),
  ];
  const other: readonly Action[] = [
    ...some<Action>(food.sealed || food.withoutAir || food.unopened, {
      label: 'Opened',
      noted: 'opened',
      type: 'opened',
      payload: {},
    }),
    ...some(readable && cooked && place !== 'ice', read),
    ...some<Action>(
      cooked && !food.sealed && (place !== 'refrigerator' || food.cooling !== null) && place !== 'freezer',
      {
        label: 'Will it cool in time?',
        page: page('cool'),
      },
    ),
    ...some<Action>(place === 'refrigerator' && cooked, {
      label: 'On the table',
      noted: 'on the table',
      type: 'moved',
      payload: { place: 'table' },
    }),
    ...some<Action>(cooked && (place === 'refrigerator' || (place === 'table' && isCold)), {
      label: 'On ice',
      noted: 'on ice',
      type: 'moved',
      payload: { place: 'ice' },
    }),
    ...some(inCold, label),
    ...some<Action>(!cooked && (stage === 'frozen' || stage === 'thawing'), {
      label: 'Thaw card',
      page: `/print/thaw?food=${foodId}`,
    }),
    { label: 'Divide or combine', page: page('divide') },
    { label: 'What if', page: page('whatif') },
    ...some<Action>(mayPlan && plan !== null, {
      label: 'Drop the plan',
      noted: 'plan dropped',
      type: 'planDropped',
      payload: {},
    }),
  ];
  return { likely, other };
}

const styles = StyleSheet.create({
  group: { gap: space.s },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
  others: { columnGap: space.l, rowGap: 0 },
});
