import { byEatNext, judge, type FoodState, type Ruling } from '@omtel/core/trail';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useFoodsQuery } from '../../store/api';
import { sentenceOf } from '../../store/problem';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Rows } from '../../ui/Rows';
import { Screen } from '../../ui/Screen';
import { Split } from '../../ui/Split';
import { Empty, Failed, Loading } from '../../ui/states';
import { useWide } from '../../ui/theme';
import { FoodScreen } from '../food/FoodScreen';
import { UnitSwitch } from '../shell/UnitSwitch';
import { BeginPowerCut } from './BeginPowerCut';
import { ByPlace } from './ByPlace';
import { ChosenBar } from './ChosenBar';
import { LastingPowerCut } from './LastingPowerCut';
import { StoredRow } from './StoredRow';
import { useStoreActs } from './useStoreActs';

export interface RuledFood {
  readonly food: FoodState;
  readonly ruling: Ruling;
}

type Order = 'next' | 'place';
const VIEWS = [
  { value: 'next', label: 'Eat next' },
  { value: 'place', label: 'By place' },
] as const;

const NOT_TO_EAT = new Set(['discard', 'cannotTell']);

/** What is at hand, by what to eat next; what must not be eaten comes first. */
export function StoresScreen() {
  const kitchen = useKitchen();
  const wide = useWide();
  const router = useRouter();
  const { food: shown } = useLocalSearchParams<{ food?: string }>();
  const { data, error, refetch } = useFoodsQuery();
  const cut = data?.powerCut ?? null;
  const [cutting, setCutting] = useState(false);
  const ruled = useMemo(
    () =>
      (data?.foods ?? [])
        .flatMap(({ state }): RuledFood[] => {
          const ruling = judge(state, kitchen);
          return ruling ? [{ food: state, ruling }] : [];
        })
        .sort(byEatNext),
    [data, kitchen],
  );
  const open = (foodId: string) =>
    wide ? router.setParams({ food: foodId }) : router.push(`/food/${foodId}` as never);
  const group = (title: string, of: (ruled: RuledFood) => boolean) => (
    <Rows title={title}>
      {ruled.filter(of).map(({ food, ruling }) => (
        <StoredRow
          key={food.foodId}
          food={food}
          ruling={ruling}
          onOpen={open}
          chosen={wide && food.foodId === shown}
        />
      ))}
    </Rows>
  );
  const [view, setView] = useState<Order>('next');
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const choose = (foodId: string) =>
    setChosen((all) =>
      all.has(foodId) ? new Set([...all].filter((id) => id !== foodId)) : new Set([...all, foodId]),
    );
  const act = useStoreActs(() => setChosen(new Set()));
  const chosenFoods = ruled.map(({ food }) => food).filter(({ foodId }) => chosen.has(foodId));
  const notToEat = ({ ruling }: RuledFood) => NOT_TO_EAT.has(ruling.verdict);
  const frozen = ({ food }: RuledFood) => food.place === 'freezer';
  const closed = ({ food }: RuledFood) => food.sealed;

  const list = (
    <Screen
      title="Stores"
      subtitle={view === 'next' ? 'By what to eat next' : 'By where it stands'}
      aside={<UnitSwitch />}
      rules
      foot={
        view === 'place' && chosenFoods.length > 0 ? (
          <ChosenBar foods={chosenFoods} {...act} onNone={() => setChosen(new Set())} />
        ) : (
          <Button kind="main" grow label="Put something in" onPress={() => router.push('/add')} />
        )
      }
    >
      <View style={styles.line}>
        <Choice label="Order" quiet value={view} onChange={setView} options={VIEWS} />
        {data && !cut && view === 'place' && (
          <Button kind="plain" label="Power cut" onPress={() => setCutting(!cutting)} />
        )}
      </View>
      {cut && <LastingPowerCut cut={cut} />}
      {!cut && cutting && view === 'place' && <BeginPowerCut onRecorded={() => setCutting(false)} />}
      {!data && error && <Failed sentence={sentenceOf(error)} onRetry={() => void refetch()} />}
      {!data && !error && <Loading what="the stores" />}
      {data && ruled.length === 0 && (
        <Empty title="Nothing in the stores">
          What you plan or put away shows here, with how long it keeps.
        </Empty>
      )}
      {view === 'next' ? (
        <>
          {group('Settle first', notToEat)}
          {group('Eat next', (item) => !notToEat(item) && !frozen(item) && !closed(item))}
          {group('Freezer', (item) => !notToEat(item) && frozen(item))}
          {group('Cupboard', closed)}
        </>
      ) : (
        <ByPlace ruled={ruled} chosen={chosen} onChoose={choose} onMove={act.onMove} />
      )}
    </Screen>
  );
  const detail = shown ?? ruled[0]?.food.foodId;
  return <Split list={list} detail={detail && <FoodScreen key={detail} foodId={detail} />} />;
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center' },
});
