import { Pressable, StyleSheet } from 'react-native';
import { wholeRow } from './Rows';
import { space } from './tokens';
import { Words } from './Words';

interface OptionRowProps {
  readonly name: string;
  readonly detail?: string;
  readonly onPress: () => void;
}

/** One of many to choose from, in a list: what it is, and what tells it from others. */
export function OptionRow({ name, detail = '', onPress }: OptionRowProps) {
  return (
    <Pressable role="button" onPress={onPress} style={[styles.option, wholeRow]}>
      <Words size="lead">{name}</Words>
      <Words tone="soft" tabular>
        {detail}
      </Words>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  option: {
    flexDirection: 'row',
    alignItems: 'baseline',
    justifyContent: 'space-between',
    gap: space.m,
  },
});
