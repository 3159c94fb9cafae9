import type { OwnFood } from '@omtel/core/foods';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { useChangeSettingsMutation } from '../../store/api';
import { sentenceOf } from '../../store/problem';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Rows } from '../../ui/Rows';
import { REACH, space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { isNews, kindNames } from './own';

/** The household's own foods; one that is forgotten can be brought back. */
export function OwnFoods({ onChoose }: { readonly onChoose: (food: OwnFood) => void }) {
  const { ownFoods } = useKitchen().settings;
  const [change, { error }] = useChangeSettingsMutation();
  const [forgotten, setForgotten] = useState<OwnFood | null>(null);
  const forget = (food: OwnFood) => {
    setForgotten(food);
    void change({ ownFoods: ownFoods.filter(({ id }) => id !== food.id) });
  };
  const bringBack = (food: OwnFood) => {
    setForgotten(null);
    void change({ ownFoods: [...ownFoods, food] });
  };
  return (
    <View style={styles.group}>
      <Rows title={ownFoods.length ? 'Your own' : undefined}>
        {ownFoods.map((food) => (
          <View key={food.id} style={styles.line}>
            <Pressable
              role="button"
              style={styles.food}
              onPress={() => onChoose(food)}
              aria-label={food.name}
            >
              <Words size="lead">{food.name}</Words>
              <Words size="small" tone="soft">{`Ruled as ${kindNames(food.kinds)}`}</Words>
            </Pressable>
            <Button kind="plain" label="Forget" name={`Forget ${food.name}`} onPress={() => forget(food)} />
          </View>
        ))}
      </Rows>
      {error && <Words tone="hot">{sentenceOf(error)}</Words>}
      {forgotten && (
        <Button kind="plain" label={`Bring back ${forgotten.name}`} onPress={() => bringBack(forgotten)} />
      )}
    </View>
  );
}

interface KeepOwnProps {
  readonly name: string;
  readonly kinds: readonly string[];
}

/** Offers to keep a food for the next time, where it is more than a kind of the catalogue. */
export function KeepOwn({ name, kinds }: KeepOwnProps) {
  const { ownFoods } = useKitchen().settings;
  const [change, { isLoading, error }] = useChangeSettingsMutation();
  if (ownFoods.some((food) => food.name === name.trim()))
    return <Words tone="soft">Kept among your own foods.</Words>;
  if (!isNews(name, kinds)) return null;
  const keep = () =>
    void change({ ownFoods: [...ownFoods, { id: uuid(), name: name.trim(), kinds: [...kinds] }] });
  return (
    <View style={styles.group}>
      <Button label={`Keep “${name.trim()}” for the next time`} busy={isLoading} onPress={keep} />
      {error && <Words tone="hot">{sentenceOf(error)}</Words>}
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.s },
  line: { flexDirection: 'row', alignItems: 'center', gap: space.m, width: '100%' },
  food: { flex: 1, minHeight: REACH, justifyContent: 'center' },
});
