import { allergenIds, allergenName, containsWords, type AllergenId } from '@omtel/core/foods';
import type { FoodState } from '@omtel/core/trail';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { AnyOf } from '../../ui/AnyOf';
import { Button } from '../../ui/Button';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { useRecord } from '../food';

const OPTIONS = allergenIds.map((value) => ({ value, label: allergenName(value) }));

/** What a food contains that some cannot eat: noted once, it is on every label of it. */
export function Allergens({ food }: { readonly food: FoodState }) {
  const record = useRecord();
  const [draft, setDraft] = useState<readonly AllergenId[] | null>(null);
  const noted = food.allergens;
  if (!draft)
    return (
      <View style={styles.group}>
        <Words face="strong">What some cannot eat</Words>
        <Words tone="soft">
          {containsWords(noted) ?? 'Nothing is noted; that does not say that it contains none of it.'}
        </Words>
        <Button label={noted.length ? 'Change it' : 'Note allergens'} onPress={() => setDraft(noted)} />
      </View>
    );
  const toggle = (id: AllergenId) =>
    setDraft(draft.includes(id) ? draft.filter((each) => each !== id) : [...draft, id]);
  const note = async () => {
    await record(food, 'allergens noted', 'allergens', { contains: [...draft] });
    setDraft(null);
  };
  return (
    <View style={styles.group}>
      <AnyOf label="What some cannot eat" options={OPTIONS} chosen={draft} onToggle={toggle} />
      <View style={styles.acts}>
        <Button label="Note it" onPress={note} />
        <Button kind="plain" label="Leave it as it was" onPress={() => setDraft(null)} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.s },
  acts: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
});
