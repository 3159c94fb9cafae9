import { placeWords, payloads, type FoodEvent, type Place } from '@omtel/core/record';
import { capital } from '@omtel/core/units';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../ui/Button';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { ItsFigure } from './ItsFigure';
import type { Correction } from './useCorrect';

interface OtherwiseProps {
  readonly event: FoodEvent;
  readonly onCorrect: (correction: Correction) => unknown;
}

/** Sets right what an entry says: a figure that was typed, a place that was tapped, what the food is. */
export function Otherwise({ event, onCorrect }: OtherwiseProps) {
  const router = useRouter();
  switch (event.type) {
    case 'added':
    case 'portioned':
      return (
        <View style={styles.row}>
          <Button
            label="Set right what it is"
            onPress={() => router.push(`/food/${event.foodId}/amend` as never)}
          />
        </View>
      );
    case 'reading':
    case 'waterRead':
    case 'airRead':
      return <ItsFigure event={event} onCorrect={onCorrect} />;
    case 'moved':
      return (
        <ItsPlace
          event={event}
          places={payloads.moved.shape.place.options}
          onChoose={(place) => onCorrect({ instead: { place } })}
        />
      );
    case 'putAway':
      return (
        <ItsPlace
          event={event}
          places={payloads.putAway.shape.place.options}
          onChoose={(place) => onCorrect({ instead: { ...event.payload, place } })}
        />
      );
    default:
      return null;
  }
}

interface ItsPlaceProps {
  readonly event: FoodEvent<'moved' | 'putAway'>;
  readonly places: readonly Place[];
  readonly onChoose: (place: Place) => unknown;
}

function ItsPlace({ event, places, onChoose }: ItsPlaceProps) {
  return (
    <View style={styles.group}>
      <Words face="strong">It was put</Words>
      <View style={styles.row}>
        {places
          .filter((place) => place !== event.payload.place)
          .map((place) => (
            <Button key={place} label={capital(placeWords(place))} onPress={() => onChoose(place)} />
          ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.xs },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
});
