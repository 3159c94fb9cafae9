import type { Payload } from '@omtel/core/record';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useUsualQuery } from '../../store/api';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { ANYWHERE, offeredFor, placesOf, PLACE_NAMES } from './usual';

interface UsualFoodsProps {
  readonly onChoose: (food: Payload<'added'>) => void;
}

/** What this household had lately, and at this time of earlier years, at one tap; for one place where there are several. */
export function UsualFoods({ onChoose }: UsualFoodsProps) {
  const { data } = useUsualQuery();
  const [place, setPlace] = useState<keyof typeof PLACE_NAMES>(ANYWHERE);
  if (!data) return null;
  const places = placesOf(data);
  const { lately, season } = offeredFor(data, place);
  return (
    <>
      {places.length > 2 && (
        <Choice
          label="What you had before"
          value={place}
          onChange={setPlace}
          options={places.map((value) => ({ value, label: PLACE_NAMES[value] }))}
        />
      )}
      <Offered title="Lately" foods={lately} onChoose={onChoose} />
      <Offered title="At this time of year" foods={season} onChoose={onChoose} />
    </>
  );
}

function Offered({
  title,
  foods,
  onChoose,
}: UsualFoodsProps & { readonly title: string; readonly foods: readonly Payload<'added'>[] }) {
  if (foods.length === 0) return null;
  return (
    <View style={styles.group} role="group" aria-label={title}>
      <Words face="strong">{title}</Words>
      <View style={styles.row}>
        {foods.map((food) => (
          <Button
            key={JSON.stringify([food.name, food.foodKey, food.parts])}
            label={food.name}
            onPress={() => onChoose(food)}
          />
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.xs },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
});
