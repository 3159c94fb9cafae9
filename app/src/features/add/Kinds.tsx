import { foodById, type Food } from '@omtel/core/foods';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../ui/Button';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { isNamedBy, type AddDraft } from './addDraft';
import type { PartProps } from './formParts';
import { KindPicker } from './KindPicker';
import { kindNames } from './own';

/** What it is ruled as, and how it becomes another kind, or loses one that is not in it. */
export function Kinds({ draft, set }: Pick<PartProps, 'draft' | 'set'>) {
  const [picking, setPicking] = useState(false);
  const [kind, ...parts] = draft.kinds as [string, ...string[]];
  const become = (food: Food) => {
    setPicking(false);
    const patch: Partial<AddDraft> = { kinds: [food.id, ...parts.filter((id) => id !== food.id)] };
    set(isNamedBy(draft, kind) ? { ...patch, name: food.name } : patch);
  };
  if (picking) return <KindPicker label="What kind of food is it?" onChoose={become} />;
  return (
    <View style={styles.group}>
      <Words>{`Ruled as ${kindNames(draft.kinds)}.`}</Words>
      <View style={styles.row}>
        <Button kind="plain" label="Another kind" onPress={() => setPicking(true)} />
        {parts.map((id) => (
          <Button
            key={id}
            kind="plain"
            label={`Without ${foodById(id).name.toLowerCase()}`}
            onPress={() => set({ kinds: draft.kinds.filter((other) => other !== id) })}
          />
        ))}
      </View>
    </View>
  );
}

/** What else is in it: it takes the strictest rule of each part. */
export function AlsoInIt({ draft, set }: Pick<PartProps, 'draft' | 'set'>) {
  return (
    <>
      <Words tone="soft">
        A mixed dish? Name what else is in it: it takes the strictest rule of each part.
      </Words>
      <KindPicker
        label="Also in it"
        onChoose={({ id }) => set({ kinds: [...new Set([...draft.kinds, id])] })}
      />
    </>
  );
}

const styles = StyleSheet.create({
  group: { gap: 0 },
  row: { flexDirection: 'row', flexWrap: 'wrap', columnGap: space.l },
});
