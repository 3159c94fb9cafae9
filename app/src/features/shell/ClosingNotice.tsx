import { clockWords, dayName } from '@omtel/core/time';
import { StyleSheet } from 'react-native';
import { useKeepHouseholdMutation } from '../../store/closingApi';
import { useKitchen } from '../../store/useKitchen';
import { useMay } from '../../store/useMay';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/Words';
import { Strip } from '../../ui/Strip';

/** Tells that the kitchen is going to be deleted, as long as it can be kept. */
export function ClosingNotice({ closesAt }: { readonly closesAt: number }) {
  const { household, now, zone } = useKitchen();
  const mayKeep = useMay('people');
  const [keep, { isLoading }] = useKeepHouseholdMutation();
  return (
    <Strip>
      <Words style={styles.words}>
        {`${household.name} and all that is in it will be deleted: ${dayName(closesAt, now, zone)}, ${clockWords(closesAt, zone)}.`}
      </Words>
      {mayKeep && <Button label="Keep it" busy={isLoading} onPress={() => keep()} />}
    </Strip>
  );
}

const styles = StyleSheet.create({ words: { flex: 1 } });
