import { toDo } from '@omtel/core/meal';
import { moment } from '@omtel/core/time';
import type { MealState } from '@omtel/core/trail';
import { capital, formatDurationUp } from '@omtel/core/units';
import { StyleSheet } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { PageLink } from '../../ui/PageLink';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { useMealLine } from '../meal';

/** A meal in a list: for how many and when, and what is the first thing to do. */
export function PlannedMeal({ meal }: { readonly meal: MealState }) {
  const { now, zone } = useKitchen();
  const { line, wordsOf } = useMealLine(meal);
  const { wanted, mealId } = meal;
  const [next] = line ? toDo(line, now) : [];
  const late = line && line.lateMs > 0 ? `, ${formatDurationUp(line.lateMs)} late` : '';
  return (
    <PageLink href={`/plan/meal/${mealId}`} style={styles.meal}>
      <Words size="title" face="display">
        {wanted.name}
      </Words>
      <Words tone="soft">
        {`${wanted.people} at the table ${moment(line?.serveAt ?? wanted.serveAt, now, zone)}${late} · ${wanted.dishes.map(({ name }) => name).join(', ')}`}
      </Words>
      {next && (
        <Words face="strong" tabular>
          {`${capital(moment(next.at, now, zone))}: ${wordsOf(next).title}`}
        </Words>
      )}
      {line?.over && <Words tone="soft">All is done.</Words>}
    </PageLink>
  );
}

const styles = StyleSheet.create({ meal: { gap: space.xs } });
