import { useCallback, useEffect, useState } from 'react';
import { StyleSheet, useWindowDimensions, View } from 'react-native';
import { useChangeSettingsMutation } from '../../store/api';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { useLongPress, type LongPress } from '../../ui/longPress';
import { corner, REACH, space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { hasUnit } from './hasUnit';

const WIDTH = 224;

/** The other units, beside any number that is pressed long. Mixed ones are set under Household. */
export function UnitsAtNumber() {
  const [at, setAt] = useState<LongPress | null>(null);
  useLongPress(hasUnit, setAt);
  const close = useCallback(() => setAt(null), []);
  return at && <OtherUnits at={at} onClose={close} />;
}

function OtherUnits({ at, onClose }: { readonly at: LongPress; readonly onClose: () => void }) {
  const { units } = useKitchen();
  const { colors } = useLook();
  const [change] = useChangeSettingsMutation();
  const { width } = useWindowDimensions();
  useClosedByAnythingElse(onClose);
  const metric = units.temperature === 'C';
  const above = at.y - REACH - space.xl;
  return (
    <View
      nativeID={OWN}
      role="group"
      aria-label="Units"
      style={[
        styles.sheet,
        {
          left: Math.max(space.s, Math.min(at.x - WIDTH / 2, width - WIDTH - space.s)),
          top: above > space.s ? above : at.y + space.xl,
          backgroundColor: colors.enamel,
          borderColor: colors.rim,
        },
      ]}
    >
      <Button
        kind="plain"
        label={metric ? 'Show °F and pounds' : 'Show °C and kilograms'}
        onPress={() => {
          onClose();
          return change({
            units: metric ? { temperature: 'F', mass: 'imperial' } : { temperature: 'C', mass: 'metric' },
          });
        }}
      />
    </View>
  );
}

const OWN = 'units-at-number';

/** A press anywhere else, a scroll, or Escape means: not now. */
function useClosedByAnythingElse(onClose: () => void): void {
  useEffect(() => {
    const press = ({ target }: Event) => {
      if (!(target instanceof Element && target.closest(`#${OWN}`))) onClose();
    };
    const key = ({ key }: KeyboardEvent) => {
      if (key === 'Escape') onClose();
    };
    document.addEventListener('pointerdown', press, true);
    document.addEventListener('scroll', onClose, true);
    document.addEventListener('keydown', key, true);
    return () => {
      document.removeEventListener('pointerdown', press, true);
      document.removeEventListener('scroll', onClose, true);
      document.removeEventListener('keydown', key, true);
    };
  }, [onClose]);
}

const styles = StyleSheet.create({
  sheet: {
    position: 'absolute',
    zIndex: 3,
    width: WIDTH,
    borderWidth: 2,
    borderRadius: corner.l,
    alignItems: 'center',
  },
});
