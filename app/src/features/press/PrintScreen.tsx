import { useLocalSearchParams } from 'expo-router';
import type { ComponentType } from 'react';
import { Screen } from '../../ui/Screen';
import { Empty } from '../../ui/states';
import { CardsScreen, DoorCardScreen, MealCardScreen, ThawCardScreen } from '../card';
import { LabelsScreen } from '../label';

/** All that is printed, by its address; they come together, so that none of them weighs on the first page. */
const PRINTED: Readonly<Record<string, ComponentType>> = {
  cards: CardsScreen,
  door: DoorCardScreen,
  label: LabelsScreen,
  meal: MealCardScreen,
  thaw: ThawCardScreen,
};

/** What is to be printed. */
export function PrintScreen() {
  const { what } = useLocalSearchParams<{ what: string }>();
  const Printed = Object.hasOwn(PRINTED, what) ? PRINTED[what] : undefined;
  if (Printed) return <Printed />;
  return (
    <Screen title="Print" backTo="/guide">
      <Empty title="No such page">Cards are under Guide; labels, with each food.</Empty>
    </Screen>
  );
}
