import { formById } from '@omtel/core/foods';
import { judge } from '@omtel/core/judge';
import { placesOf } from '@omtel/core/clocks';
import {
  DUTY_MENDS,
  PLACE_OF_PROBE,
  placeWords,
  type HoldingDuty,
  type ProbePlace,
} from '@omtel/core/record';
import { clockWords } from '@omtel/core/time';
import {
  checkLeft,
  type CheckLeft,
  keptAs,
  keptStanding,
  type KeptStanding,
  type FoodState,
  type Kept as KeptAs,
} from '@omtel/core/trail';
import { capital, formatCeiling, formatDuration, formatTarget } from '@omtel/core/units';
import { Link, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Later } from '../../ui/Later';
import { Panel } from '../../ui/Panel';
import { Screen } from '../../ui/Screen';
import { useLook } from '../../ui/theme';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { useRecord } from '../food';
import { LiveProbe } from './live/LiveProbe';
import { ProbePlaces } from './probe/ProbePlaces';
import { ReadingForm } from './ReadingForm';

const DUTIES: Record<KeptAs, readonly HoldingDuty[]> = {
  hot: ['stirred', 'covered'],
  cold: ['iceLevel'],
};

const OFF_WORDS: Record<KeptAs, string> = { hot: 'too cold', cold: 'too warm' };

/** Food that is kept hot, or cold on ice: read in two places now and then, and what is seen to besides. */
export function Kept({ food }: { readonly food: FoodState }) {
  const kitchen = useKitchen(food);
  const { units, rules, now, zone } = kitchen;
  const { colors } = useLook();
  const recordNow = useRecord();
  const router = useRouter();
  const kept = keptAs(food) ?? 'hot';
  const standing = keptStanding(food, kept, now, rules);
  const places = [
    ...placesOf(food),
    ...(placesOf(food).includes('anotherPiece') ? [] : (['anotherPiece'] as const)),
  ];
  const [picked, setPicked] = useState<ProbePlace | null>(null);
  const chosen = picked ?? standing.next ?? places[0]!;
  const [limit, check, aim] =
    kept === 'hot'
      ? [rules.bands.hotHolding, rules.holding.hotCheck, formatTarget(rules.bands.hotHolding.value.at, units)]
      : [
          rules.bands.refrigerator,
          rules.holding.coldCheck,
          formatCeiling(rules.bands.refrigerator.value.at, units),
        ];
  const left = checkLeft(food, kept, now, rules);
  const ruling = judge(food, kitchen);
  const toCold = () => recordNow(food, 'to the refrigerator', 'moved', { place: 'refrigerator' });
  const offHeat = () =>
    food.stage === 'reheating'
      ? recordNow(food, 'on the table', 'served', {})
      : recordNow(food, 'off the heat', 'offHeat', {});
  return (
    <Screen
      title={food.name}
      subtitle={`${capital(placeWords(food.place))} since ${clockWords(food.placeSince, zone)}`}
      backTo={`/food/${food.foodId}`}
      foot={
        kept === 'cold' ? (
          <Button kind="main" grow label="Into the refrigerator" onPress={toCold} />
        ) : (
          <Button
            kind="main"
            grow
            label={food.stage === 'reheating' ? 'On the table' : 'Off the heat'}
            onPress={offHeat}
          />
        )
      }
      rules
    >
      <Panel edge="rim">
        <Words face="strong" tone="rim">
          {kept === 'hot' ? 'Kept hot: at least' : 'Kept cold: at most'}
        </Words>
        <Words size="numeral" face="display" tabular>
          {aim}
        </Words>
        <Words>{`Read it in two places every ${formatDuration(check.value.ms)}.`}</Words>
        <View style={styles.links}>
          {[limit, check].map(({ id, title }) => (
            <Link key={id} href={`/guide/rule/${id}` as never}>
              <Words size="small" tone="rim">
                {title}
              </Words>
            </Link>
          ))}
        </View>
      </Panel>
      {ruling && (
        <View
          role="status"
          style={[
            styles.box,
            { borderLeftColor: standing.standings.every(({ passed }) => passed) ? colors.rim : colors.hot },
          ]}
        >
          <Heading>{checkSaid(kept, standing, left)}</Heading>
          {left.undone.map((duty) => (
            <Words key={duty}>{DUTY_MENDS[duty]}</Words>
          ))}
          <Words tone="soft">{ruling.headline}</Words>
        </View>
      )}
      <View style={styles.group}>
        <Heading small>Where to probe</Heading>
        <ProbePlaces
          food={food}
          standing={standing}
          short={OFF_WORDS[kept]}
          places={places}
          chosen={chosen}
          onChoose={setPicked}
        />
        <Words>{formById(food.form).probe}</Words>
      </View>
      <ReadingForm
        food={food}
        place={chosen}
        holdMs={0}
        onRecorded={() => setPicked(null)}
        duties={DUTIES[kept]}
      />
      <Later>
        <LiveProbe food={food} />
      </Later>
      {kept === 'cold' && food.cooked && (
        <Button label="Heat it" onPress={() => router.setParams({ to: 'heat' })} />
      )}
    </Screen>
  );
}

/** How its check stands: what is off, which place is to be read, or that all is as it should be. */
function checkSaid(kept: KeptAs, { standings, next }: KeptStanding, { places }: CheckLeft): string {
  if (standings.length === 0) return 'Read it in two places.';
  const off = standings.find(({ passed }) => !passed);
  if (off) return `${capital(PLACE_OF_PROBE[off.place])} is ${OFF_WORDS[kept]}.`;
  return places > 0 ? `Now read ${PLACE_OF_PROBE[next!]}.` : 'As it should be.';
}

const styles = StyleSheet.create({
  group: { gap: space.xs },
  links: { flexDirection: 'row', flexWrap: 'wrap', columnGap: space.m },
  box: { borderLeftWidth: space.xs, paddingLeft: space.m, gap: space.xs },
});
