import { monthsOf, savings, type MonthBack, type Parting } from '@omtel/core/lookback';
import { datedDay, endOfDay, monthName, monthOf, shortMonth } from '@omtel/core/time';
import { capital, formatMass } from '@omtel/core/units';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useLookBackQuery } from '../../store/api';
import { useKitchen } from '../../store/useKitchen';
import { Columns } from '../../ui/chart/Columns';
import { Choice } from '../../ui/Choice';
import { Panel } from '../../ui/Panel';
import { Rows } from '../../ui/Rows';
import { Screen } from '../../ui/Screen';
import { Empty } from '../../ui/states';
import { TextLink } from '../../ui/TextLink';
import { useLook } from '../../ui/theme';
import { corner, space } from '../../ui/tokens';
import { Until } from '../../ui/Until';
import { Heading, Words } from '../../ui/Words';
import { CAUSE_WORDS, habitFor } from './habits';

const CHART_HEIGHT = 132;
/** More than one remembers to do. */
const MOST_HABITS = 3;

/** What was thrown away in the last months and why, what nearly was, and what would have kept most of it. */
export function LookBackScreen() {
  const { now, zone } = useKitchen();
  const query = useLookBackQuery();
  const { data } = query;
  // Within a day the months stay the same.
  const today = endOfDay(now, 0, zone);
  const months = useMemo(() => (data ? monthsOf(data.partings, today, zone) : []), [data, today, zone]);
  return (
    <Screen title="Looking back" subtitle="What left the kitchen, by month" backTo="/log">
      <Until what="what left" query={query} />
      {data && data.partings.length === 0 && (
        <Empty title="Nothing has left yet">
          What is eaten or thrown away is counted here by its weight, month by month.
        </Empty>
      )}
      {data && data.partings.length > 0 && (
        <>
          <Sums partings={data.partings} months={months} />
          {data.since > (months[0]?.at ?? 0) && (
            <Words tone="soft">{`Counted since ${datedDay(data.since, zone)}: so much left that it goes back no further.`}</Words>
          )}
          <Habits partings={data.partings} />
          <Months months={months} />
        </>
      )}
    </Screen>
  );
}

interface SumsProps {
  readonly partings: readonly Parting[];
  readonly months: readonly MonthBack[];
}

function Sums({ partings, months }: SumsProps) {
  const { units, zone } = useKitchen();
  const { colors } = useLook();
  const kg = (how: Parting['how']) =>
    partings.reduce((sum, parting) => (parting.how === how ? sum + parting.massKg : sum), 0);
  const [eaten, thrown] = [kg('eaten'), kg('discarded')];
  const most = months.reduce((worst, month) => (month.discardedKg > worst.discardedKg ? month : worst));
  return (
    <Panel>
      <Words size="lead">
        {thrown === 0
          ? `All that left was eaten: ${formatMass(eaten, units)}.`
          : `${formatMass(eaten, units)} eaten, ${formatMass(thrown, units)} thrown away.`}
      </Words>
      <View style={styles.key}>
        <Key colour={colors.hot} words="Thrown away" />
        <Key colour={colors.hatch} words="Eaten on its last day" />
      </View>
      <Columns
        height={CHART_HEIGHT}
        columns={months.map(({ month, at, discardedKg, nearlyKg }) => ({
          key: month,
          label: shortMonth(monthOf(at, zone)).slice(0, 1),
          parts: [
            { value: discardedKg, colour: colors.hot },
            { value: nearlyKg, colour: colors.hatch },
          ],
        }))}
      />
      {most.discardedKg > 0 && (
        <Words size="small" tone="soft" tabular>
          {`The most in one month: ${formatMass(most.discardedKg, units)}, in ${monthName(most.at, zone)}.`}
        </Words>
      )}
    </Panel>
  );
}

function Key({ colour, words }: { readonly colour: string; readonly words: string }) {
  return (
    <View style={styles.one}>
      <View style={[styles.swatch, { backgroundColor: colour }]} />
      <Words size="small" tone="soft">
        {words}
      </Words>
    </View>
  );
}

/** What would have kept most of what was lost, the most first. */
function Habits({ partings }: { readonly partings: readonly Parting[] }) {
  const { rules, units } = useKitchen();
  const most = savings(partings).slice(0, MOST_HABITS);
  if (most.length === 0) return null;
  return (
    <Rows title="What would have kept most of it">
      {most.map(({ cause, times, kg }) => {
        const { title, how, page } = habitFor(cause, rules, units);
        return (
          <View key={cause} style={styles.habit}>
            <Words face="strong">{title}</Words>
            <Words tone="soft">{how}</Words>
            <Words tone="soft" tabular>
              {`${formatMass(kg, units)}, ${times === 1 ? 'once' : `${times} times`}: ${CAUSE_WORDS[cause]}.`}
            </Words>
            <TextLink href={page.href} face="strong">
              {page.label}
            </TextLink>
          </View>
        );
      })}
    </Rows>
  );
}

/** One month's foods by name; at first the latest in which something was lost, or nearly. */
function Months({ months }: { readonly months: readonly MonthBack[] }) {
  const { units, zone } = useKitchen();
  const told = [...months].reverse().filter(({ discarded, nearly }) => discarded.length + nearly.length > 0);
  const [chosen, setChosen] = useState<string>();
  const shown = told.find(({ month }) => month === chosen) ?? told[0];
  if (!shown) return null;
  const line = ({ foodId, name, massKg, at }: Parting, why: string) => (
    <View key={foodId}>
      <TextLink href={`/food/${foodId}`} face="strong" style={styles.name}>
        {name}
      </TextLink>
      <Words tone="soft" tabular>
        {`${formatMass(massKg, units)}, ${datedDay(at, zone)}. ${capital(why)}.`}
      </Words>
    </View>
  );
  return (
    <View style={styles.months}>
      <Heading>Month by month</Heading>
      {told.length > 1 && (
        <Choice
          label="Month"
          value={shown.month}
          onChange={setChosen}
          options={told.map(({ month, at }) => ({ value: month, label: monthName(at, zone) }))}
        />
      )}
      <Words tabular>
        {`${monthName(shown.at, zone)}: ${formatMass(shown.eatenKg, units)} eaten, ${formatMass(shown.discardedKg, units)} thrown away.`}
      </Words>
      <Rows title="Thrown away">
        {shown.discarded.map((parting) => line(parting, CAUSE_WORDS[parting.cause!]))}
      </Rows>
      <Rows title="Eaten on its last day">
        {shown.nearly.map((parting) => line(parting, 'A day later its days were over'))}
      </Rows>
    </View>
  );
}

const styles = StyleSheet.create({
  key: { flexDirection: 'row', flexWrap: 'wrap', columnGap: space.l },
  one: { flexDirection: 'row', alignItems: 'center', gap: space.s },
  swatch: { width: space.m, height: space.m, borderRadius: corner.s },
  habit: { gap: space.xs },
  months: { gap: space.m },
  name: { marginBottom: -space.m },
});
