import type { FoodTrail } from '@omtel/core/api';
import { atClock, dayName } from '@omtel/core/time';
import { foldTrail } from '@omtel/core/trail';
import { judge, type Ruling } from '@omtel/core/judge';
import { whatIf, type Change } from '@omtel/core/whatif';
import { HOUR_MS, formatTemperature } from '@omtel/core/units';
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useFood } from '../../store/useFoods';
import { useKitchen, type Kitchen } from '../../store/useKitchen';
import { Beside } from '../../ui/Beside';
import { Choice } from '../../ui/Choice';
import { Screen } from '../../ui/Screen';
import { space } from '../../ui/tokens';
import { Until } from '../../ui/Until';
import { Heading, Words } from '../../ui/Words';
import { Reasons, RulingPanel } from '../food';

const WARM_SHELF = { value: 9, unit: 'C' } as const;
const NOON = { hour: 12, minute: 0 };

/** One thing in a food's history changed, and the ruling beside the real one. Nothing is saved. */
export function WhatIfScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const query = useFood(id);
  const { data } = query;
  if (data) return <WhatIf trail={data} />;
  return (
    <Screen title="What if" backTo="/stores">
      <Until what="its trail" query={query} />
    </Screen>
  );
}

function WhatIf({ trail }: { readonly trail: FoodTrail }) {
  const { food, events, others } = trail;
  const kitchen = useKitchen(food.state);
  const offered = changesFor(kitchen);
  const [chosen, setChosen] = useState('hour');
  const { change } = offered.find(({ value }) => value === chosen)!;
  const history = whatIf(events, change, kitchen.now, kitchen.rules);
  const imagined = history && foldTrail(history, kitchen.guidance, new Map(Object.entries(others)));
  return (
    <Screen
      title={food.state.name}
      subtitle="What if one thing had been otherwise? Nothing is saved."
      backTo={`/food/${food.state.foodId}`}
      rules
      roomy
    >
      <Choice label="What if" value={chosen} onChange={setChosen} options={offered} />
      <Beside
        left={<Side title="As it is" ruling={judge(food.state, kitchen)} />}
        right={
          imagined ? (
            <Side title="As it would be" ruling={judge(imagined, kitchen)} why />
          ) : (
            <Words tone="soft">Its history gives no place to that: it has not been put into the cold.</Words>
          )
        }
      />
    </Screen>
  );
}

function Side({
  title,
  ruling,
  why,
}: {
  readonly title: string;
  readonly ruling: Ruling | null;
  readonly why?: boolean;
}) {
  return (
    <View style={styles.side}>
      <Heading>{title}</Heading>
      {ruling ? <RulingPanel ruling={ruling} /> : <Words>It is gone.</Words>}
      {why && ruling && <Reasons reasons={ruling.reasons} />}
    </View>
  );
}

function changesFor({ now, zone, units }: Kitchen): { value: string; label: string; change: Change }[] {
  const frozen = [1, 2].map((days) => {
    const at = atClock(now, -days, NOON, zone);
    return {
      value: `frozen${days}`,
      label: `Frozen ${dayName(at, now, zone)}`,
      change: { kind: 'frozenAt', at } as const,
    };
  });
  return [
    { value: 'hour', label: 'Left out another hour', change: { kind: 'leftOut', ms: HOUR_MS } },
    { value: 'twoHours', label: 'Two hours', change: { kind: 'leftOut', ms: 2 * HOUR_MS } },
    {
      value: 'warm',
      label: `Kept at ${formatTemperature(WARM_SHELF, units)}`,
      change: { kind: 'warmStore', air: WARM_SHELF },
    },
    ...frozen,
  ];
}

const styles = StyleSheet.create({ side: { gap: space.m } });
