import type { Payload } from '@omtel/core/trail';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../ui/Button';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { useRecent } from './useRecent';

interface RecentProps {
  readonly onChoose: (food: Payload<'added'>) => void;
}

/** What this household had lately, at one tap. */
export function Recent({ onChoose }: RecentProps) {
  const recent = useRecent();
  if (recent.length === 0) return null;
  return (
    <View style={styles.group}>
      <Words face="strong">Lately</Words>
      <View style={styles.row}>
        {recent.map((food) => (
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
