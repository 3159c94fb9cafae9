import { PLACE_LABELS, type ProbePlace } from '@omtel/core/record';
import type { PlaceStanding } from '@omtel/core/clocks';
import { Pressable, StyleSheet, View } from 'react-native';
import Svg, { Circle, G, Line, Path, Text } from 'react-native-svg';
import { useLook } from '../../../ui/theme';
import { fonts, REACH } from '../../../ui/tokens';
import { figures, HEIGHT, WIDTH, type Figure, type FigureId, type Spot } from './figures';

/** What a place last read, and whether that was enough. */
export type PlaceRead = Pick<PlaceStanding, 'place' | 'passed'> & {
  readonly latest: Pick<PlaceStanding['latest'], 'at' | 'temperature'>;
};

interface ProbeDrawingProps {
  readonly figure: FigureId;
  /** The places in the order of their numbers. */
  readonly places: readonly ProbePlace[];
  readonly standings: readonly PlaceRead[];
  readonly chosen: ProbePlace;
  readonly onChoose: (place: ProbePlace) => void;
}

const RING = 12;

/** Where each place lies and how deep the tip goes, and what not to touch; every place is a button. */
export function ProbeDrawing({ figure, places, standings, chosen, onChoose }: ProbeDrawingProps) {
  const { colors } = useLook();
  const drawn: Figure = figures[figure];
  const spots = places.flatMap((place, i) => {
    const spot = drawn.spots[place];
    return spot ? [{ place, spot, number: i + 1 }] : [];
  });
  const passed = (place: ProbePlace) => standings.find((each) => each.place === place)?.passed;
  return (
    <View style={styles.frame}>
      <Svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        width="100%"
        height="100%"
        role="img"
        aria-label={`${drawn.name}. ${drawn.avoidWords}`}
      >
        {drawn.avoid.map((d) => (
          <G key={d}>
            <Path d={d} stroke={colors.band} strokeWidth={11} fill="none" strokeLinecap="round" />
            <Path d={d} stroke={colors.bandEdge} strokeWidth={11} fill="none" strokeDasharray="2 5" />
          </G>
        ))}
        {drawn.outline.map((d) => (
          <Path key={d} d={d} stroke={colors.ink} strokeWidth={2.5} fill="none" strokeLinejoin="round" />
        ))}
        {drawn.fine?.map((d) => (
          <Path key={d} d={d} stroke={colors.soft} strokeWidth={1.25} fill="none" strokeLinecap="round" />
        ))}
        {spots.map(({ place, spot, number }) => (
          <Needle key={place} spot={spot} number={number} chosen={place === chosen} passed={passed(place)} />
        ))}
      </Svg>
      {spots.map(({ place, spot: { tip } }) => (
        <Pressable
          key={place}
          role="button"
          aria-label={`Read ${PLACE_LABELS[place].toLowerCase()}`}
          onPress={() => onChoose(place)}
          style={[styles.reach, { left: `${(tip[0] / WIDTH) * 100}%`, top: `${(tip[1] / HEIGHT) * 100}%` }]}
        />
      ))}
    </View>
  );
}

interface NeedleProps {
  readonly spot: Spot;
  readonly number: number;
  readonly chosen: boolean;
  /** Whether the place is at the target; undefined while nobody has read it. */
  readonly passed: boolean | undefined;
}

/** The probe from where it goes in to its tip; full once its place is at the target, broken while nobody has read it. */
function Needle({ spot: { enters, tip }, number, chosen, passed }: NeedleProps) {
  const { colors } = useLook();
  const tone = passed === false ? colors.hot : colors.rim;
  return (
    <>
      <Line
        x1={enters[0]}
        y1={enters[1]}
        x2={tip[0]}
        y2={tip[1]}
        stroke={tone}
        strokeWidth={chosen ? 4 : 2.5}
        strokeLinecap="round"
      />
      <Circle
        cx={tip[0]}
        cy={tip[1]}
        r={chosen ? RING + 2 : RING}
        fill={passed ? tone : colors.enamel}
        stroke={tone}
        strokeWidth={chosen ? 4 : 2.5}
        strokeDasharray={passed === undefined ? '4 3' : undefined}
      />
      <Text
        x={tip[0]}
        y={tip[1] + 5}
        fontSize={14}
        fontFamily={fonts.strong}
        textAnchor="middle"
        fill={passed ? colors.onRim : colors.ink}
      >
        {number}
      </Text>
    </>
  );
}

const styles = StyleSheet.create({
  frame: { width: '100%', maxWidth: 420, aspectRatio: WIDTH / HEIGHT },
  reach: {
    position: 'absolute',
    width: REACH,
    height: REACH,
    marginLeft: -REACH / 2,
    marginTop: -REACH / 2,
    borderRadius: REACH / 2,
  },
});
