import Check from 'lucide-react-native/icons/check';
import ChevronRight from 'lucide-react-native/icons/chevron-right';
import { Pressable, StyleSheet, type ViewStyle } from 'react-native';
import { usePress } from './press';
import { REACH } from './tokens';
import { useLook } from './theme';

interface TickButtonProps {
  /** What a screen reader says of it. */
  readonly name: string;
  /** It opens the page on which it is done; its sign says so. */
  readonly opens: boolean;
  readonly onPress: () => unknown;
  readonly style?: ViewStyle;
}

/** The round button at the end of a line that records what the line says. */
export function TickButton({ name, opens, onPress, style }: TickButtonProps) {
  const { colors } = useLook();
  const press = usePress(onPress);
  return (
    <Pressable
      role="button"
      aria-label={name}
      style={[styles.tick, { borderColor: opens ? 'transparent' : colors.outline }, style]}
      onPress={press}
    >
      {opens ? <ChevronRight size={24} color={colors.soft} /> : <Check size={22} color={colors.soft} />}
    </Pressable>
  );
}

const styles = StyleSheet.create({
  tick: {
    width: REACH,
    height: REACH,
    borderRadius: REACH / 2,
    borderWidth: 2,
    alignItems: 'center',
    justifyContent: 'center',
  },
});
