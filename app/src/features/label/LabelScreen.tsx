import { labelOf } from '@omtel/core/label';
import type { FoodState } from '@omtel/core/trail';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Screen } from '../../ui/Screen';
import { useLook } from '../../ui/theme';
import { corner, space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { useRecord, WithFood } from '../food';

/** What to write on a container, large enough to copy with a pen in the other hand. */
export function LabelScreen() {
  return <WithFood title="Label">{(food) => <Label food={food} />}</WithFood>;
}

function Label({ food }: { readonly food: FoodState }) {
  const kitchen = useKitchen(food);
  const { colors } = useLook();
  const recordNow = useRecord();
  const router = useRouter();
  const { contents, since, useBy, heated } = labelOf(food, kitchen);
  const done = async () => {
    await recordNow(food, 'labelled', 'labelled', {});
    router.replace(`/food/${food.foodId}` as never);
  };
  return (
    <Screen
      title="Label"
      subtitle={
        food.labelled ? 'It has one. Written again, it looks like this.' : 'Write this on the container'
      }
      backTo={`/food/${food.foodId}`}
      foot={<Button kind="main" grow label="It is labelled" onPress={done} />}
    >
      <View
        role="group"
        aria-label="Label"
        style={[styles.label, { borderColor: colors.ink, backgroundColor: colors.enamel }]}
      >
        <Heading>{contents}</Heading>
        {[since, useBy, heated].map((line) => (
          <Words key={line} size="lead" tabular>
            {line}
          </Words>
        ))}
      </View>
      <Words tone="soft">
        A pencil or a freezer pen on tape holds in the cold. The date is what counts: smell and looks prove
        nothing.
      </Words>
    </Screen>
  );
}

const styles = StyleSheet.create({
  label: { borderWidth: 2, borderRadius: corner.s, padding: space.l, gap: space.s },
});
