import type { AgendaLine } from '@omtel/core/plan';
import { clockWords } from '@omtel/core/time';
import type { FoodState } from '@omtel/core/trail';
import type { Verdict } from '@omtel/core/judge';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { useGoTo } from '../../ui/goTo';
import { PageLink } from '../../ui/PageLink';
import { RULING_LOOK } from '../../ui/ruling';
import { TickButton } from '../../ui/TickButton';
import { space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Words } from '../../ui/Words';
import { NotForThem, useAct } from '../food';

/** Steps that need more than a tap open their screen; the sign on the button says so. */
const OPENS_SCREEN = new Set(['read', 'putAway']);

interface LineProps {
  readonly food: FoodState;
  readonly line: AgendaLine;
  readonly verdict: Verdict;
  /** Below the line that comes first, its food is named there already. */
  readonly beneath?: boolean;
}

/** One need: its time, what to do, and a tick that records it. */
export function Line({ food, line, verdict, beneath }: LineProps) {
  const { at, title, detail, tick, step, action } = line;
  const { zone } = useKitchen();
  const { colors } = useLook();
  const goTo = useGoTo();
  const act = useAct();
  const { glyph: Glyph, tone } = RULING_LOOK[verdict];
  const opens = step ? OPENS_SCREEN.has(step.kind) : true;
  const page = `/food/${food.foodId}`;
  return (
    <View style={styles.row}>
      <PageLink
        href={page}
        style={({ pressed }) => [styles.text, pressed && { backgroundColor: colors.enamel }]}
      >
        <View style={styles.when}>
          {at === null ? (
            <Glyph size={24} color={colors[tone]} strokeWidth={2.5} />
          ) : (
            <Words size={beneath ? 'body' : 'lead'} face="strong" tone={beneath ? 'soft' : 'ink'} tabular>
              {clockWords(at, zone)}
            </Words>
          )}
        </View>
        <View style={styles.words}>
          <Words size={beneath ? 'body' : 'lead'} face="strong" tone={beneath ? 'soft' : 'ink'}>
            {title}
          </Words>
          {!beneath && <Words tone="soft">{`${food.name} · ${detail}`}</Words>}
          {!beneath && <NotForThem food={food} />}
        </View>
      </PageLink>
      <TickButton
        name={`${tick || 'Look'}: ${food.name}`}
        opens={opens}
        onPress={() => (step ? act(food, step, action) : goTo(page))}
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
