import type { AgendaItem } from '@omtel/core/plan';
import { clockOf } from '@omtel/core/time';
import Check from 'lucide-react-native/icons/check';
import ChevronRight from 'lucide-react-native/icons/chevron-right';
import { useRouter } from 'expo-router';
import { Pressable, StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { RULING_LOOK } from '../../ui/ruling';
import { REACH, space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Words } from '../../ui/Words';
import { useAct } from '../food/useAct';
import { RescueNotice } from '../plan/RescueNotice';

/** Steps that need more than a tap open their screen; the sign on the button says so. */
const OPENS_SCREEN = new Set(['read', 'putAway']);

/** A later need: its time, what to do, and a tick that records it. */
export function AgendaRow({ item }: { readonly item: AgendaItem }) {
  const { food, at, title, detail, tick, step, action, ruling } = item;
  const { zone } = useKitchen();
  const { colors } = useLook();
  const router = useRouter();
  const act = useAct();
  const { glyph: Glyph, tone } = RULING_LOOK[ruling.verdict];
  const opens = step ? OPENS_SCREEN.has(step.kind) : true;
  return (
    <>
      <View style={styles.row}>
        <Pressable
          role="link"
          style={styles.text}
          onPress={() => router.push(`/food/${food.foodId}` as never)}
        >
          <View style={styles.when}>
            {at === null ? (
              <Glyph size={24} color={colors[tone]} strokeWidth={2.5} />
            ) : (
              <Words size="lead" face="strong" tabular>
                {clockOf(at, zone)}
              </Words>
            )}
          </View>
          <View style={styles.words}>
            <Words size="lead" face="strong">
              {title}
            </Words>
            <Words tone="soft">{`${food.name} · ${detail}`}</Words>
          </View>
        </Pressable>
        <Pressable
          role="button"
          aria-label={`${tick || 'Look'}: ${food.name}`}
          style={[styles.tick, { borderColor: opens ? 'transparent' : colors.line }]}
          onPress={() => (step ? act(food, step, action) : router.push(`/food/${food.foodId}` as never))}
        >
          {opens ? <ChevronRight size={24} color={colors.soft} /> : <Check size={22} color={colors.soft} />}
        </Pressable>
      </View>
      <RescueNotice food={food} />
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'center', gap: space.s },
  text: { flex: 1, flexDirection: 'row', gap: space.m },
  when: { width: 56, alignItems: 'center', paddingTop: 2 },
  words: { flex: 1, gap: 2 },
  tick: {
    width: REACH,
    height: REACH,
    borderRadius: REACH / 2,
    borderWidth: 2,
    alignItems: 'center',
    justifyContent: 'center',
  },
});
