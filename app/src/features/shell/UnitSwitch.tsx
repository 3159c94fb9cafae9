import { Pressable, StyleSheet } from 'react-native';
import { useChangeSettingsMutation } from '../../store/api';
import { useKitchen } from '../../store/useKitchen';
import { REACH, space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Words } from '../../ui/Words';

/** Both unit systems one tap apart, on every screen. Mixed ones are set under Household. */
export function UnitSwitch() {
  const { units } = useKitchen();
  const { colors } = useLook();
  const [change] = useChangeSettingsMutation();
  const metric = units.temperature === 'C';
  return (
    <Pressable
      role="button"
      aria-label={metric ? 'Show °F and pounds' : 'Show °C and kilograms'}
      style={[styles.knob, { borderColor: colors.outline }]}
      onPress={() =>
        void change({
          units: metric ? { temperature: 'F', mass: 'imperial' } : { temperature: 'C', mass: 'metric' },
        })
      }
    >
      <Words size="small" face="strong" tone="soft">
        {`°${units.temperature} · ${units.mass === 'metric' ? 'kg' : 'lb'}`}
      </Words>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  knob: {
    minHeight: REACH,
    justifyContent: 'center',
    paddingHorizontal: space.m,
    borderWidth: 1.5,
    borderRadius: REACH / 2,
  },
});
