import { agendaOf, type AgendaItem } from '@omtel/core/plan';
import { clockWords, dayName, longDay } from '@omtel/core/time';
import { capital } from '@omtel/core/units';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { useFoodsQuery } from '../../store/api';
import { sentenceOf } from '../../store/problem';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Empty, Failed, Loading } from '../../ui/states';
import { Rows } from '../../ui/Rows';
import { Screen } from '../../ui/Screen';
import { Split } from '../../ui/Split';
import { FoodScreen } from '../food';
import { HouseholdLink } from '../household';
import { AgendaRow } from './AgendaRow';
import { Hero } from './Hero';

/** What the kitchen needs next, all foods together. */
export function NowScreen() {
  const kitchen = useKitchen();
  const { now, zone } = kitchen;
  const { data, error, refetch } = useFoodsQuery();
  const agenda = useMemo(
    () =>
      data
        ? agendaOf(
            data.foods.map(({ state }) => state),
            kitchen,
          )
        : [],
    [data, kitchen],
  );
  const router = useRouter();
  const [first] = agenda;

  const list = (
    <Screen
      title="Now"
      subtitle={`${longDay(now, zone)}, ${clockWords(now, zone)}`}
      aside={<HouseholdLink />}
      rules
    >
      {!data && error && <Failed sentence={sentenceOf(error)} onRetry={() => void refetch()} />}
      {!data && !error && <Loading what="what is next" />}
      {data && !first && (
        <Empty title="Nothing is due">
          Plan a meal, or put something away, and its next step shows here.
        </Empty>
      )}
      {first && <Hero item={first} />}
      <View style={styles.ask}>
        <Button label="Is this still all right?" onPress={() => router.push('/ask' as never)} />
      </View>
      {byDay(agenda.slice(1), now, zone).map(([day, items]) => (
        <Rows key={day} title={day}>
          {items.map((item) => (
            <AgendaRow key={item.food.foodId} item={item} />
          ))}
        </Rows>
      ))}
    </Screen>
  );
  return <Split list={list} detail={first && <FoodScreen foodId={first.food.foodId} />} />;
}

/** Groups what is due under the names of their days; what is thrown away before them, what waits for a decision after. */
function byDay(items: readonly AgendaItem[], now: number, zone: string): [string, AgendaItem[]][] {
  const groups = new Map<string, AgendaItem[]>();
  for (const item of items) {
    const day =
      item.ruling.verdict === 'discard'
        ? 'To throw away'
        : item.at === null
          ? 'To settle'
          : capital(item.at < now ? 'now' : dayName(item.at, now, zone));
    groups.set(day, [...(groups.get(day) ?? []), item]);
  }
  return [...groups];
}

const styles = StyleSheet.create({ ask: { alignItems: 'flex-start' } });
