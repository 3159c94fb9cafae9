import { eventWords, isOfMeal, type KitchenEvent } from '@omtel/core/record';
import PencilLine from 'lucide-react-native/icons/pencil-line';
import { useState, type ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { REACH, space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Words } from '../../ui/Words';
import { Correct } from './Correct';

interface EntryProps {
  readonly event: KitchenEvent;
  readonly when: string;
  readonly whenWidth: number;
  readonly takenBack?: boolean;
  /** Whether it can be set right here, if it is of a food: what is said of a meal is said anew with the meal. */
  readonly open: boolean;
  readonly children?: ReactNode;
}

/** One thing that happened, and below it, once pressed, what sets it right. */
export function Entry({ event, when, whenWidth, takenBack, open, children }: EntryProps) {
  const [shown, setShown] = useState(false);
  const { units, zone } = useKitchen();
  const { colors } = useLook();
  const words = eventWords(event, { units, zone });
  const ofFood = isOfMeal(event) ? null : event;
  const opens = open && ofFood !== null;
  const said = (
    <View style={styles.what}>
      <Words tone={takenBack ? 'soft' : 'ink'} style={takenBack && styles.struck}>
        {words}
      </Words>
      {takenBack && (
        <Words size="small" tone="soft">
          Taken back
        </Words>
      )}
    </View>
  );
  return (
    <View>
      <View style={styles.line}>
        <Words tabular tone="soft" style={{ width: whenWidth }}>
          {when}
        </Words>
        <View style={styles.what}>
          {opens ? (
            <Pressable
              role="button"
              aria-label={`${when} ${words}`}
              aria-expanded={shown}
              onPress={() => setShown(!shown)}
              style={styles.said}
            >
              {said}
              <PencilLine size={18} color={colors.soft} aria-hidden />
            </Pressable>
          ) : (
            said
          )}
          {children}
        </View>
      </View>
      {shown && ofFood && <Correct event={ofFood} onDone={() => setShown(false)} />}
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', gap: space.m, minHeight: 24 },
  what: { flex: 1, gap: space.xs },
  // With the room of the row above it there is enough for a finger.
  said: {
    flexDirection: 'row',
    gap: space.m,
    minHeight: REACH,
    alignItems: 'center',
    marginTop: -space.m,
  },
  struck: { textDecorationLine: 'line-through' },
});
