import { DndContext, MouseSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { shelfObjections } from '@omtel/core/stores';
import { placeWords, SHELF_WORDS, shelves, type Place } from '@omtel/core/record';
import type { FoodState } from '@omtel/core/trail';
import { capital } from '@omtel/core/units';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { RuleLink } from '../../ui/RuleLink';
import { space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Heading, Words } from '../../ui/Words';
import { FoodChip } from './FoodChip';
import { foodsAt, SPOTS, spotKey, type Spot } from './places';
import { ShelfRow } from './ShelfRow';
import { StoreAir } from './StoreAir';
import type { RuledFood } from './ruled';

interface ByPlaceProps {
  readonly ruled: readonly RuledFood[];
  readonly chosen: ReadonlySet<string>;
  readonly onChoose: (foodId: string) => void;
  readonly onMove: (foods: readonly FoodState[], spot: Spot) => void;
}

const ELSEWHERE: readonly Place[] = ['counter', 'table', 'ice', 'outdoors', 'water', 'heat', 'car'];
/** A hand that trembles is not dragging. */
const DRAGGED_PX = 8;

/** The stores as they stand: the refrigerator by shelf, the freezer, the cupboard. */
export function ByPlace({ ruled, chosen, onChoose, onMove }: ByPlaceProps) {
  const { rules } = useKitchen();
  const { colors } = useLook();
  const sensors = useSensors(useSensor(MouseSensor, { activationConstraint: { distance: DRAGGED_PX } }));
  const foods = ruled.map(({ food }) => food);
  const objections = shelfObjections(foods, rules);
  const chips = (at: readonly FoodState[]) =>
    at.map((food) => (
      <FoodChip
        key={food.foodId}
        foodId={food.foodId}
        name={food.name}
        ruling={ruled.find((each) => each.food === food)!.ruling}
        covered={food.covered}
        labelled={food.labelled}
        chosen={chosen.has(food.foodId)}
        onChoose={() => onChoose(food.foodId)}
      />
    ));
  const dropped = ({ active, over }: DragEndEvent) => {
    const spot = SPOTS.find((each) => spotKey(each) === over?.id);
    const food = foods.find(({ foodId }) => foodId === active.id);
    if (spot && food) onMove([food], spot);
  };
  const loose = foodsAt(foods, 'refrigerator', null);
  const elsewhere = foods.filter(({ place }) => ELSEWHERE.includes(place));
  return (
    <DndContext sensors={sensors} onDragEnd={dropped}>
      {objections.map(({ food, to, words, ruleId }) => (
        <View key={food.foodId} role="alert" style={[styles.objection, { borderLeftColor: colors.hot }]}>
          <Words>{words}</Words>
          <View style={styles.row}>
            <Button
              label={`To the ${SHELF_WORDS[to]}`}
              name={`Move ${food.name} to the ${SHELF_WORDS[to]}`}
              onPress={() => onMove([food], { place: 'refrigerator', shelf: to })}
            />
            <RuleLink id={ruleId} />
          </View>
        </View>
      ))}
      <View style={styles.store}>
        <Heading>Refrigerator</Heading>
        <StoreAir store="refrigerator" />
        {shelves.map((shelf) => (
          <ShelfRow
            key={shelf}
            id={spotKey({ place: 'refrigerator', shelf })}
            label={short(SHELF_WORDS[shelf])}
          >
            {chips(foodsAt(foods, 'refrigerator', shelf))}
          </ShelfRow>
        ))}
        {loose.length > 0 && (
          <View style={styles.store}>
            <Words tone="soft">Not on a shelf yet: tap a food, then where it stands.</Words>
            <View style={styles.row}>{chips(loose)}</View>
          </View>
        )}
      </View>
      <View style={styles.store}>
        <Heading>Freezer</Heading>
        <StoreAir store="freezer" />
        <ShelfRow id="freezer" label="Frozen">
          {chips(foodsAt(foods, 'freezer'))}
        </ShelfRow>
      </View>
      <View style={styles.store}>
        <Heading>Cupboard</Heading>
        <ShelfRow id="cupboard" label="Dry">
          {chips(foodsAt(foods, 'cupboard'))}
        </ShelfRow>
      </View>
      {elsewhere.length > 0 && (
        <View style={styles.store}>
          <Heading>Out</Heading>
          {elsewhere.map((food) => (
            <View key={food.foodId} style={styles.row}>
              {chips([food])}
              <Words tone="soft">{placeWords(food.place)}</Words>
            </View>
          ))}
        </View>
      )}
    </DndContext>
  );
}

/** "Top" for the top shelf: the picture says what it is. */
const short = (words: string): string => capital(words.split(' ')[0]!);

const styles = StyleSheet.create({
  store: { gap: space.s },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s, alignItems: 'center' },
  objection: { borderLeftWidth: 4, paddingLeft: space.m, gap: space.s },
});
