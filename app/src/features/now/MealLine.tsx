import { toDo, type Followed } from '@omtel/core/meal';
import { clockWords } from '@omtel/core/time';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { PageLink } from '../../ui/PageLink';
import { TickButton } from '../../ui/TickButton';
import { space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Words } from '../../ui/Words';
import { opensPage, useMealAct } from '../meal';

/** What a meal needs next: its time, what to do, and a tick that records it. */
export function MealLine({ followed }: { readonly followed: Followed }) {
  const { now, zone } = useKitchen();
  const { colors } = useLook();
  const tick = useMealAct();
  const { meal, line, wordsOf } = followed;
  const step = toDo(line!, now)[0]!;
  const words = wordsOf(step);
  return (
    <View style={styles.row}>
      <PageLink
        href={`/plan/meal/${meal.mealId}`}
        style={({ pressed }) => [styles.text, pressed && { backgroundColor: colors.enamel }]}
      >
        <View style={styles.when}>
          <Words size="lead" face="strong" tabular>
            {clockWords(step.at, zone)}
          </Words>
        </View>
        <View style={styles.words}>
          <Words size="lead" face="strong">
            {words.title}
          </Words>
          <Words tone="soft">{`${meal.wanted.name} · ${words.detail}`}</Words>
        </View>
      </PageLink>
      <TickButton
        name={`${words.tick}: ${words.title}`}
        opens={opensPage(step)}
        onPress={() => tick(meal.mealId, step, words.title)}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: space.s },
  text: { flex: 1, flexDirection: 'row', gap: space.m },
  when: { width: 56, alignItems: 'center', paddingTop: space.xs },
  words: { flex: 1, gap: space.xs },
});
