import { Pressable, StyleSheet } from 'react-native';
import { corner, REACH, space } from './tokens';
import { useLook } from './theme';
import { Words } from './Words';

interface ChipProps {
  /** One of a few, or any of them. */
  readonly role: 'radio' | 'checkbox';
  readonly label: string;
  readonly chosen: boolean;
  readonly onPress: () => void;
}

/** Something that is chosen or not, by a word. */
export function Chip({ role, label, chosen, onPress }: ChipProps) {
  const { colors } = useLook();
  return (
    <Pressable
      role={role}
      aria-checked={chosen}
      onPress={onPress}
      style={[
        styles.chip,
        {
          borderColor: chosen ? colors.rim : colors.outline,
          backgroundColor: chosen ? colors.rim : colors.enamel,
        },
      ]}
    >
      <Words face={chosen ? 'strong' : 'text'} tone={chosen ? 'onRim' : 'ink'}>
        {label}
      </Words>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  chip: {
    minHeight: REACH,
    minWidth: REACH,
    justifyContent: 'center',
    alignItems: 'center',
    paddingHorizontal: space.m,
    borderRadius: corner.m,
    borderWidth: 1.5,
  },
});
