import { LONGEST_NAME } from '@omtel/core/foods';
import { byEatNext, judgeLately, notForCare, shownAs } from '@omtel/core/judge';
import { inCare, namesOf } from '@omtel/core/table';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useCallback, useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useFoods } from '../../store/useFoods';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { SearchField } from '../../ui/SearchField';
import { useGoTo } from '../../ui/goTo';
import { ListScreen } from '../../ui/Screen';
import { Split } from '../../ui/Split';
import { Empty } from '../../ui/states';
import { useWide } from '../../ui/theme';
import { Until } from '../../ui/Until';
import { FoodScreen } from '../food';
import { BeginPowerCut } from './BeginPowerCut';
import { ByPlace } from './ByPlace';
import { ChosenBar } from './ChosenBar';
import { LastingPowerCut } from './LastingPowerCut';
import { byUrgency, isSought, type RuledFood } from './ruled';
import { StoredRow } from './StoredRow';
import { useStoreActs } from './useStoreActs';

type Order = 'next' | 'place';
const VIEWS = [
  { value: 'next', label: 'Eat next' },
  { value: 'place', label: 'By place' },
] as const;

/** What is at hand, by what to eat next; what must not be eaten comes first. */
export function StoresScreen() {
  const kitchen = useKitchen();
  const wide = useWide();
  const router = useRouter();
  const { food: shown } = useLocalSearchParams<{ food?: string }>();
  const query = useFoods();
  const { data } = query;
  const cut = data?.powerCut ?? null;
  const [cutting, setCutting] = useState(false);
  const ruled = useMemo(
    () =>
      (data?.foods ?? [])
        .flatMap((told): RuledFood[] => {
          const { inCare: theirs } = told;
          const state = shownAs(told, kitchen);
          const ruling = judgeLately(state, kitchen);
          const notFor = notForCare(state, theirs, kitchen) && namesOf(inCare(kitchen.settings.table));
          return ruling ? [{ food: state, ruling, notFor }] : [];
        })
        .sort(byEatNext),
    [data, kitchen],
  );
  const goTo = useGoTo();
  const open = useCallback(
    (foodId: string) => (wide ? router.setParams({ food: foodId }) : goTo(`/food/${foodId}`)),
    [wide, router, goTo],
  );
  const [view, setView] = useState<Order>('next');
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const choose = (foodId: string) =>
    setChosen((all) =>
      all.has(foodId) ? new Set([...all].filter((id) => id !== foodId)) : new Set([...all, foodId]),
    );
  const act = useStoreActs(() => setChosen(new Set()));
  const chosenFoods = ruled.map(({ food }) => food).filter(({ foodId }) => chosen.has(foodId));
  const [wanted, setWanted] = useState('');
  const sought = useMemo(() => ruled.filter((each) => isSought(each, wanted)), [ruled, wanted]);
  const sections = useMemo(
    () =>
      view === 'next'
        ? byUrgency(sought).map(({ title, data }) => ({ title: `${title} · ${data.length}`, data }))
        : [],
    [view, sought],
  );
  const row = useCallback(
    (ruled: RuledFood) => (
      <StoredRow
        {...ruled}
        units={kitchen.units}
        onOpen={open}
        chosen={wide && ruled.food.foodId === shown}
      />
    ),
    [kitchen.units, open, wide, shown],
  );

  const list = (
    <ListScreen
      title="Stores"
      subtitle={view === 'next' ? 'By what to eat next' : 'By where it stands'}
      rules
      sections={sections}
      keyOf={({ food }) => food.foodId}
      row={row}
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
      <Until what="the stores" query={query} />
      {data && ruled.length === 0 && (
        <Empty title="Nothing in the stores">
          What you plan or put away shows here, with how long it keeps.
        </Empty>
      )}
      {view === 'next' && ruled.length > FEW && (
        <SearchField
          label="Look for"
          from={wanted}
          onSearch={setWanted}
          most={LONGEST_NAME}
          hint={wanted.trim() === '' ? `${ruled.length} foods` : `${sought.length} of ${ruled.length} foods`}
        />
      )}
      {view === 'place' && <ByPlace ruled={ruled} chosen={chosen} onChoose={choose} onMove={act.onMove} />}
    </ListScreen>
  );
  const detail = shown ?? ruled[0]?.food.foodId;
  return <Split list={list} detail={detail && <FoodScreen key={detail} foodId={detail} />} />;
}

/** So few are seen at a glance. */
const FEW = 12;

const styles = StyleSheet.create({
  line: { flexDirection: 'row', justifyContent: 'space-between', alignItems: 'center' },
});
