import { VERDICT_WORDS, type Ruling } from '@omtel/core/judge';
import { useDraggable } from '@dnd-kit/core';
import { Pressable, StyleSheet, View } from 'react-native';
import { RULING_LOOK } from '../../ui/ruling';
import { corner, REACH, space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Words } from '../../ui/Words';

interface FoodChipProps {
  readonly foodId: string;
  readonly name: string;
  readonly ruling: Ruling;
  readonly covered: boolean;
  readonly labelled: boolean;
  readonly chosen: boolean;
  readonly onChoose: () => void;
}

/** A food where it stands: tapped it is chosen, dragged with a mouse it is moved. */
export function FoodChip({ foodId, name, ruling, covered, labelled, chosen, onChoose }: FoodChipProps) {
  const { colors } = useLook();
  const { setNodeRef, listeners, transform } = useDraggable({ id: foodId });
  const { glyph: Glyph, tone } = RULING_LOOK[ruling.verdict];
  const marks = [covered && 'covered', labelled && 'labelled'].filter(Boolean).join(', ');
  return (
    <View
      ref={setNodeRef as never}
      {...(listeners as object)}
      style={
        transform && [
          styles.lifted,
          { transform: [{ translateX: transform.x }, { translateY: transform.y }] },
        ]
      }
    >
      <Pressable
        role="checkbox"
        aria-checked={chosen}
        aria-label={`${name}: ${VERDICT_WORDS[ruling.verdict]}${marks && `, ${marks}`}`}
        onPress={onChoose}
        style={[
          styles.chip,
          {
            borderColor: chosen ? colors.rim : colors.outline,
            backgroundColor: chosen ? colors.rim : colors.enamel,
          },
        ]}
      >
        <Glyph size={16} color={chosen ? colors.onRim : colors[tone]} strokeWidth={2.5} />
        <Words tone={chosen ? 'onRim' : 'ink'} face={chosen ? 'strong' : 'text'}>
          {name}
        </Words>
      </Pressable>
    </View>
  );
}

const styles = StyleSheet.create({
  lifted: { zIndex: 2 },
  chip: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.xs,
    minHeight: REACH,
    paddingHorizontal: space.m,
    borderWidth: 1.5,
    borderRadius: corner.m,
  },
});
