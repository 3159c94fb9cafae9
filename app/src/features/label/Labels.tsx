import { labelDateOf } from '@omtel/core/label';
import { LABEL_SHEETS, labelSheetIds, labelsOn, type LabelSheetId } from '@omtel/core/print';
import { judgeLately } from '@omtel/core/judge';
import type { FoodState } from '@omtel/core/trail';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { act } from '../../store/outbox/act';
import { newEvent } from '../../store/outbox/record';
import { useAppDispatch } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import { useRemembered } from '../../store/useRemembered';
import { Beside } from '../../ui/Beside';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Screen } from '../../ui/Screen';
import { Stepper } from '../../ui/Stepper';
import { SwitchRow } from '../../ui/SwitchRow';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { Preview, PrintActs } from '../print';
import { Allergens } from './Allergens';
import { LabelText } from './LabelText';
import { useLabelPages, type LabelDraft } from './useLabelPages';

interface LabelsProps {
  readonly foods: readonly FoodState[];
  readonly backTo: string;
}

const SHEETS = labelSheetIds.map((value) => ({ value, label: LABEL_SHEETS[value].label }));
/** More at once is a slip, and would keep the phone busy. */
const MOST_LABELS = 240;
const LONGEST_BY = 40;

/** What is printed or written on containers: as a label from a roll or on a sheet, and as words to copy by hand. */
export function Labels({ foods, backTo }: LabelsProps) {
  const kitchen = useKitchen();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const [kept, set] = useRemembered<LabelDraft>('label', {
    sheet: 'roll',
    by: kitchen.household.me?.name ?? '',
    first: 1,
    copies: 1,
    code: 'yes',
  });
  const sheetId = labelSheetIds.find((id) => id === kept.sheet) ?? 'roll';
  const each = labelsOn(LABEL_SHEETS[sheetId]);
  const mostCopies = Math.max(1, Math.floor(MOST_LABELS / foods.length));
  const draft = { ...kept, sheet: sheetId, copies: Math.min(kept.copies, mostCopies) };
  const { labels, pages } = useLabelPages(foods, draft);
  const [only, ...others] = foods;
  const title = others.length ? `Labels for ${foods.length} foods` : 'Label';
  const gone = foods.filter((food) => judgeLately(food, kitchen)?.verdict === 'discard');
  const done = async () => {
    await dispatch(
      act({
        what: `${others.length ? `${foods.length} foods` : only!.name}: labelled`,
        events: foods.map((food) =>
          newEvent(food.foodId, kitchen.now, 'labelled', { says: labelDateOf(food, kitchen) }),
        ),
      }),
    );
    router.replace(backTo as never);
  };
  return (
    <Screen
      title={title}
      subtitle={
        others.length ? undefined : labels[0]!.replaces ? 'Its date has changed: print it again' : undefined
      }
      backTo={backTo}
      foot={
        <Button
          kind="main"
          grow
          label={others.length ? 'They are labelled' : 'It is labelled'}
          onPress={done}
        />
      }
      roomy
    >
      <Beside
        left={
          <>
            {gone.map(({ foodId, name }) => (
              <Words key={foodId} face="strong" tone="hot">
                {`${name} is to be thrown away: no label makes it keep.`}
              </Words>
            ))}
            <Preview pages={pages} />
            <PrintActs title={others.length ? 'labels' : `label ${only!.name}`} pages={pages} />
            {labels.map((label, i) => (
              <LabelText key={foods[i]!.foodId} label={label} />
            ))}
          </>
        }
        right={
          <>
            <Choice
              label="Printed on"
              value={sheetId}
              onChange={(sheet: LabelSheetId) => set({ sheet, first: 1 })}
              options={SHEETS}
            />
            <View style={styles.group}>
              <Stepper
                label={others.length ? 'Of each' : 'How many'}
                value={draft.copies}
                min={1}
                max={mostCopies}
                onChange={(copies) => set({ copies })}
              />
              {each > 1 && (
                <Stepper
                  label="First free label of the sheet"
                  value={Math.min(draft.first, each)}
                  min={1}
                  max={each}
                  onChange={(first) => set({ first })}
                />
              )}
            </View>
            <SwitchRow
              label="A code that opens it here"
              value={draft.code === 'yes'}
              onChange={(on) => set({ code: on ? 'yes' : 'no' })}
            />
            <Field
              label="Made or opened by"
              value={draft.by}
              onChange={(by) => set({ by })}
              most={LONGEST_BY}
              hint="Left empty, nobody is named."
            />
            {!others.length && <Allergens food={only!} />}
            <Words tone="soft">
              A pencil or a freezer pen on tape holds in the cold. The date is what counts: smell and looks
              prove nothing.
            </Words>
          </>
        }
      />
    </Screen>
  );
}

const styles = StyleSheet.create({ group: { gap: space.s } });
