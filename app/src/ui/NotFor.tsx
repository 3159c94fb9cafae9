import UserX from 'lucide-react-native/icons/user-x';
import { StyleSheet, View } from 'react-native';
import { space } from './tokens';
import { useLook } from './theme';
import { Words } from './Words';

interface NotForProps {
  readonly names: string;
  readonly because?: string;
}

/** What others may eat and somebody who needs extra care may not, by the names they gave. */
export function NotFor({ names, because }: NotForProps) {
  const { colors } = useLook();
  return (
    <View style={styles.line}>
      <UserX size={20} color={colors.hot} aria-hidden />
      <Words face="strong" tone="hot" style={styles.words}>
        {because ? `Not for ${names}. ${because}` : `Not for ${names}.`}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', gap: space.s, alignItems: 'flex-start' },
  words: { flex: 1 },
});
