import { StyleSheet } from 'react-native';
import { Button as PaperButton } from 'react-native-paper';
import { usePress } from './press';
import { corner, lineHeightOf, REACH, space } from './tokens';
import { useLook } from './theme';

interface ButtonProps {
  readonly label: string;
  /** What it does; one that takes a while cannot be pressed again until it is done. */
  readonly onPress: () => unknown;
  /** The one main action of a screen is filled; all others are outlined or plain. */
  readonly kind?: 'main' | 'other' | 'plain';
  readonly disabled?: boolean;
  readonly busy?: boolean;
  /** What a screen reader says when the label alone is not enough. */
  readonly name?: string;
  readonly grow?: boolean;
  /** High enough for an elbow. */
  readonly tall?: boolean;
}

const MODES = { main: 'contained', other: 'outlined', plain: 'text' } as const;

export function Button({ label, onPress, kind = 'other', disabled, busy, name, grow, tall }: ButtonProps) {
  const { colors, sizes } = useLook();
  const press = usePress(onPress);
  return (
    <PaperButton
      mode={MODES[kind]}
      onPress={press}
      disabled={disabled || busy}
      loading={busy}
      accessibilityLabel={name ?? label}
      style={[
        styles.pill,
        grow && styles.grow,
        kind === 'plain' && styles.plain,
        kind === 'other' && { borderColor: colors.rim, borderWidth: 1.5 },
      ]}
      contentStyle={[styles.content, tall && styles.tall, kind === 'plain' && styles.begins]}
      labelStyle={{
        fontSize: kind === 'plain' ? sizes.body : sizes.lead,
        lineHeight: lineHeightOf(sizes.lead, 'text'),
        marginHorizontal: kind === 'plain' ? space.xs : space.l,
      }}
    >
      {label}
    </PaperButton>
  );
}

const styles = StyleSheet.create({
  pill: { borderRadius: corner.round },
  /** Its words begin where all others in its column do. */
  plain: { marginLeft: -space.xs, minWidth: REACH },
  begins: { justifyContent: 'flex-start' },
  grow: { flexGrow: 1, flexBasis: 0 },
  content: { minHeight: REACH + 4 },
  tall: { minHeight: 2 * REACH },
});
