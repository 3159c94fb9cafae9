import { PLACE_LABELS, type ProbePlace } from '@omtel/core/record';
import type { CookStanding, FoodState } from '@omtel/core/trail';
import { clockWords } from '@omtel/core/time';
import { formatTemperature } from '@omtel/core/units';
import { Pressable, StyleSheet, View } from 'react-native';
import { useKitchen } from '../../../store/useKitchen';
import { REACH, space } from '../../../ui/tokens';
import { useLook } from '../../../ui/theme';
import { Words } from '../../../ui/Words';
import { figureOf } from './figureOf';
import { figures } from './figures';
import { ProbeDrawing, type PlaceRead } from './ProbeDrawing';

interface ProbePlacesProps {
  readonly food: FoodState;
  /** How its places stand, in its cook or where it is kept; null where neither is under way. */
  readonly standing: (Pick<CookStanding, 'next'> & { readonly standings: readonly PlaceRead[] }) | null;
  /** What is said of a place that does not pass. */
  readonly short?: string;
  readonly places: readonly ProbePlace[];
  readonly chosen: ProbePlace;
  readonly onChoose: (place: ProbePlace) => void;
}

/** Where to probe, drawn; and every place with its latest reading, or that it is still to be read. */
export function ProbePlaces({
  food,
  standing,
  short = 'not yet',
  places,
  chosen,
  onChoose,
}: ProbePlacesProps) {
  const { units, zone } = useKitchen();
  const { colors } = useLook();
  const standings = standing?.standings ?? [];
  const figure = figureOf(food);
  const said = (place: ProbePlace): string => {
    const known = standings.find((each) => each.place === place);
    if (!known) return standing ? (standing.next === place ? 'Read it next' : 'Not read yet') : '';
    const { at, temperature } = known.latest;
    return `${formatTemperature(temperature, units)} at ${clockWords(at, zone)}, ${known.passed ? 'there' : short}`;
  };
  return (
    <View style={styles.group}>
      <ProbeDrawing
        figure={figure}
        places={places}
        standings={standings}
        chosen={chosen}
        onChoose={onChoose}
      />
      <Words size="small" tone="soft">{`Hatched: ${figures[figure].avoidWords}`}</Words>
      <View role="radiogroup" aria-label="Where the tip is">
        {places.map((place, i) => (
          <Pressable
            key={place}
            role="radio"
            aria-checked={place === chosen}
            onPress={() => onChoose(place)}
            style={[
              styles.place,
              {
                borderLeftColor: place === chosen ? colors.rim : colors.line,
                borderBottomColor: colors.line,
              },
            ]}
          >
            <Words face={place === chosen ? 'strong' : 'text'}>{`${i + 1}  ${PLACE_LABELS[place]}`}</Words>
            <Words tone={standings.some((each) => each.place === place) ? 'ink' : 'soft'} tabular>
              {said(place)}
            </Words>
          </Pressable>
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.s },
  place: {
    minHeight: REACH,
    flexDirection: 'row',
    flexWrap: 'wrap',
    justifyContent: 'space-between',
    alignItems: 'center',
    alignContent: 'center',
    gap: space.s,
    paddingLeft: space.m,
    borderLeftWidth: 4,
    borderBottomWidth: StyleSheet.hairlineWidth,
  },
});
