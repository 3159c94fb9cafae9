import { placeWords } from '@omtel/core/record';
import { VERDICT_WORDS } from '@omtel/core/judge';
import { formatMass, type UnitSystem } from '@omtel/core/units';
import ChevronRight from 'lucide-react-native/icons/chevron-right';
import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { NotFor } from '../../ui/NotFor';
import { PageLink } from '../../ui/PageLink';
import { RULING_LOOK } from '../../ui/ruling';
import { corner, REACH, space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Words } from '../../ui/Words';
import type { RuledFood } from './ruled';

interface StoredRowProps extends RuledFood {
  readonly units: UnitSystem;
  readonly chosen: boolean;
  readonly onOpen: (foodId: string) => void;
}

/** One food in the stores: its ruling by glyph and word, and until when. */
export const StoredRow = memo(function StoredRow({
  food,
  ruling,
  notFor,
  units,
  chosen,
  onOpen,
}: StoredRowProps) {
  const { colors } = useLook();
  const { glyph: Glyph, tone } = RULING_LOOK[ruling.verdict];
  const where = `${formatMass(food.massKg, units)} · ${placeWords(food.place)}`;
  return (
    <PageLink
      href={`/food/${food.foodId}`}
      onOpen={() => onOpen(food.foodId)}
      style={({ pressed }) => [styles.row, pressed && { backgroundColor: colors.enamel }]}
    >
      <View style={[styles.glyph, { borderColor: chosen ? colors.rim : colors[tone] }]}>
        <Glyph size={20} color={colors[tone]} strokeWidth={2.5} />
      </View>
      <View style={styles.words}>
        <Words size="lead" face="strong">
          {food.name}
        </Words>
        <Words>{ruling.headline}</Words>
        {notFor && <NotFor names={notFor} />}
        <Words size="small" tone="soft">
          {where}
        </Words>
        {/* What the glyph says, for who does not see it. */}
        <Words style={styles.unseen}>{VERDICT_WORDS[ruling.verdict]}</Words>
      </View>
      <ChevronRight size={24} color={colors.soft} style={styles.opens} />
    </PageLink>
  );
});

const styles = StyleSheet.create({
  opens: { alignSelf: 'center' },
  row: { flexDirection: 'row', gap: space.m, minHeight: REACH, alignItems: 'flex-start' },
  glyph: {
    width: 36,
    height: 36,
    borderRadius: corner.m,
    borderWidth: 1.5,
    alignItems: 'center',
    justifyContent: 'center',
    marginTop: space.xs,
  },
  words: { flex: 1 },
  unseen: { position: 'absolute', opacity: 0, pointerEvents: 'none' },
});
