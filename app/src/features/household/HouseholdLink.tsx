import Settings2 from 'lucide-react-native/icons/settings-2';
import { Link } from 'expo-router';
import { Pressable, StyleSheet } from 'react-native';
import { REACH } from '../../ui/tokens';
import { useLook } from '../../ui/theme';

/** The way to the household's settings. */
export function HouseholdLink() {
  const { colors } = useLook();
  return (
    <Link href="/household" asChild>
      <Pressable role="link" aria-label="Household" style={styles.knob}>
        <Settings2 size={24} color={colors.ink} />
      </Pressable>
    </Link>
  );
}

const styles = StyleSheet.create({
  knob: { width: REACH, height: REACH, alignItems: 'center', justifyContent: 'center' },
});
