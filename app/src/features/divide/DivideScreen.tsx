import { LONGEST_NAME } from '@omtel/core/foods';
import { placeWords } from '@omtel/core/record';
import type { FoodState } from '@omtel/core/trail';
import { formatMass, massUnitOf } from '@omtel/core/units';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useFoods } from '../../store/useFoods';
import { useDraft } from '../../store/draft';
import { act } from '../../store/outbox/act';
import { newEvent } from '../../store/outbox/record';
import { useAppDispatch } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import { AsLeft } from '../../ui/AsLeft';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Rows } from '../../ui/Rows';
import { Screen } from '../../ui/Screen';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { WithFood } from '../food';
import { dividing, portionsOf, readShare } from './share';

type Where = 'stays' | 'refrigerator' | 'freezer';

/** Part of a batch goes its own way, or two foods become one. */
export function DivideScreen() {
  return <WithFood title="Divide">{(food) => <Divide food={food} />}</WithFood>;
}

function Divide({ food }: { readonly food: FoodState }) {
  const { now, units } = useKitchen(food);
  const dispatch = useAppDispatch();
  const router = useRouter();
  const unit = massUnitOf(units);
  const {
    draft: { name, weight, where },
    set,
    drop,
    restored,
  } = useDraft<{ name: string; weight: string; where: Where }>(`divide.${food.foodId}`, {
    name: `${food.name}, a part`.slice(0, LONGEST_NAME),
    weight: '',
    where: 'stays',
  });
  const share = weight.trim() === '' ? null : readShare(weight, units, food.massKg);
  const named = name.trim();

  const divide = async () => {
    if (!share || !('massKg' in share)) return;
    const { massKg } = share;
    const { to, events } = dividing(food, now, { name: named, massKg, ...portionsOf(food, massKg) });
    const moved = where !== 'stays' && where !== food.place;
    await dispatch(
      act({
        what: `${food.name}: ${named} divided off`,
        events: [...events, ...(moved ? [newEvent(to, now, 'moved', { place: where })] : [])],
      }),
    );
    drop();
    router.replace('/stores');
  };

  return (
    <Screen
      title={food.name}
      subtitle={`${formatMass(food.massKg, units)} · divide or combine`}
      backTo={`/food/${food.foodId}`}
      foot={
        <Button
          kind="main"
          grow
          disabled={!share || !('massKg' in share) || named === ''}
          label="Divide off"
          onPress={divide}
        />
      }
    >
      <AsLeft shown={restored} onAfresh={drop} />
      <Words tone="soft">The part keeps all that happened so far, and goes its own way from here.</Words>
      <Field
        label="Weight of the part"
        value={weight}
        onChange={(typed) => set({ weight: typed })}
        numeric
        unit={unit}
        problem={share && 'problem' in share ? share.problem : undefined}
      />
      <Field
        label="Its name"
        most={LONGEST_NAME}
        value={name}
        onChange={(typed) => set({ name: typed })}
        problem={named === '' ? 'A name, to tell them apart.' : undefined}
      />
      <Choice
        label="Where it goes"
        value={where}
        onChange={(chosen) => set({ where: chosen })}
        options={[
          { value: 'stays', label: 'Stays here' },
          { value: 'refrigerator', label: 'Refrigerator' },
          { value: 'freezer', label: 'Freezer' },
        ]}
      />
      <Combine food={food} />
    </Screen>
  );
}

/** Other batches of the same food can be put to it: the whole is then as the worse of both. */
function Combine({ food }: { readonly food: FoodState }) {
  const { now, units } = useKitchen(food);
  const { data } = useFoods();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const same = (data?.foods ?? [])
    .map(({ state }) => state)
    .filter(({ foodId, foodKey }) => foodId !== food.foodId && foodKey === food.foodKey);
  if (same.length === 0) return null;
  const combine = async (other: FoodState) => {
    await dispatch(
      act({
        what: `${other.name} put to ${food.name}`,
        events: [
          newEvent(food.foodId, now, 'joined', { with: other.foodId }),
          newEvent(other.foodId, now, 'joinedTo', { into: food.foodId }),
        ],
      }),
    );
    router.replace(`/food/${food.foodId}` as never);
  };
  return (
    <Rows title="Put to it: the whole is then as the worse of both">
      {same.map((other) => (
        <View key={other.foodId} style={styles.line}>
          <View style={styles.grow}>
            <Words face="strong">{other.name}</Words>
            <Words size="small" tone="soft">
              {`${formatMass(other.massKg, units)} · ${placeWords(other.place)}`}
            </Words>
          </View>
          <Button label="Combine" name={`Combine with ${other.name}`} onPress={() => combine(other)} />
        </View>
      ))}
    </Rows>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'center', gap: space.m },
  grow: { flex: 1 },
});
