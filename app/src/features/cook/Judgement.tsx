import { cookStanding, type FoodState } from '@omtel/core/trail';
import { PLACE_OF_PROBE } from '@omtel/core/record';
import { isNearLimit } from '@omtel/core/thermometers';
import { capital, degreesShort, formatTemperature, kelvinIn } from '@omtel/core/units';
import { clockWords } from '@omtel/core/time';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { intoView } from '../../ui/intoView';
import { space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Heading, Words } from '../../ui/Words';

/** What the readings mean: how far there is to go and where, what is still to be read, or that the target is met. */
export function Judgement({ food }: { readonly food: FoodState }) {
  const { rules, units, zone } = useKitchen(food);
  const { colors } = useLook();
  const standing = cookStanding(food, rules);
  const { cook, place, stage } = food;
  // What was read of a cook days ago says nothing now.
  if (!cook || !standing || (place !== 'heat' && stage !== 'resting')) return null;
  const met = cook.metAt !== null;
  const { standings, target, next } = standing;
  const low = standings.find(({ passed }) => !passed);
  const last = cook.readings.at(-1);
  if (!last && !met) return null;
  const { lastReading } = food;
  const near =
    // Only of the reading that is shown.
    lastReading?.withinK &&
    lastReading.at === last?.at &&
    isNearLimit(lastReading.temperature, target.options[0]!.at, lastReading.withinK)
      ? lastReading.withinK
      : null;
  return (
    // Each reading is judged before the eyes, whatever the page shows.
    <View
      key={last?.at}
      ref={intoView}
      role="status"
      style={[styles.box, { borderLeftColor: met ? colors.rim : colors.hot }]}
    >
      <Heading>
        {cook.fellAt !== null
          ? 'It got below hot. Heat it through, or chill it.'
          : met
            ? 'Target met.'
            : low
              ? toGo()
              : `Now read ${PLACE_OF_PROBE[next!]}.`}
      </Heading>
      <Words tone="soft" tabular>
        {last
          ? `${capital(PLACE_OF_PROBE[last.place])} read ${formatTemperature(last.temperature, units)} at ${clockWords(last.at, zone)}`
          : 'Done by its look'}
      </Words>
      {near && (
        <Words tone="soft">
          {`That may be off by ${spanOf(near)}, and the target lies within it: what it says after its correction decides.`}
        </Words>
      )}
    </View>
  );

  function spanOf(kelvin: number): string {
    return `±${Math.ceil(kelvinIn(kelvin, units.temperature) * 10 - 1e-9) / 10} °${units.temperature}`;
  }

  function toGo(): string {
    const { at, heldMs } = target.options[0]!;
    const short = degreesShort(low!.latest.temperature, at, units.temperature);
    if (short <= 0 && heldMs > 0) return 'Hot enough. Hold it there, and read again.';
    return `${Math.ceil(short * 10) / 10} °${units.temperature} to go. Keep cooking.`;
  }
}

const styles = StyleSheet.create({ box: { borderLeftWidth: space.xs, paddingLeft: space.m, gap: space.xs } });
