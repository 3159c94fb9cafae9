import Settings2 from 'lucide-react-native/icons/settings-2';
import { StyleSheet } from 'react-native';
import { PageLink } from '../../ui/PageLink';
import { REACH } from '../../ui/tokens';
import { useLook } from '../../ui/theme';

/** The way to the household's settings. */
export function HouseholdLink() {
  const { colors } = useLook();
  return (
    <PageLink href="/household" aria-label="Household" style={styles.knob}>
      <Settings2 size={24} color={colors.ink} />
    </PageLink>
  );
}

const styles = StyleSheet.create({
  knob: { width: REACH, height: REACH, alignItems: 'center', justifyContent: 'center' },
});
