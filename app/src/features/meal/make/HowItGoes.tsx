import type { MealAnswer, MealAsked } from '@omtel/core/dishes';
import { kitchenFor, mealLine, mealStepWords, rulesOfDish, toDo } from '@omtel/core/meal';
import type { MealPayload } from '@omtel/core/record';
import { clockOf, clockWords, daysBetween, moment } from '@omtel/core/time';
import type { FoodState } from '@omtel/core/trail';
import { DAY_MS, formatDurationUp } from '@omtel/core/units';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useKitchen } from '../../../store/useKitchen';
import { Button } from '../../../ui/Button';
import { Panel } from '../../../ui/Panel';
import { Progress } from '../../../ui/Progress';
import { Heading, Words } from '../../../ui/Words';
import type { Forecast } from '../../../workers/useForecast';
import { obstacleSaid } from '../obstacleSaid';
import { useSyncExternalStore } from 'react';

interface HowItGoesProps {
  readonly wanted: MealPayload<'mealPlanned'>;
  readonly foods: readonly FoodState[];
  readonly forecast: Forecast<MealAnswer, MealAsked>;
  /** What belongs to what the form says now. */
  readonly answer: MealAnswer | null;
  readonly onServeAt: (daysAhead: string, clock: string) => void;
  readonly onWaits: (dish: string, byMin: number) => void;
  readonly onWithout: (dish: string) => void;
}

/** Whether it can be done, what is first; or what is in the way, and the change that helps as a button. */
export function HowItGoes({
  wanted,
  foods,
  forecast,
  answer,
  onServeAt,
  onWaits,
  onWithout,
}: HowItGoesProps) {
  const { now, zone, units, settings } = useKitchen();
  const { table } = settings;
  const router = useRouter();
  const share = useSyncExternalStore(forecast.progress.watch, forecast.progress.get);
  const nameOf = (id: string) => wanted.dishes.find((dish) => dish.id === id)?.name ?? '';
  if (forecast.problem)
    return (
      <Words tone="hot" role="alert">
        {forecast.problem}
      </Words>
    );
  if (!answer)
    return forecast.cancelled ? (
      <Button label="Work it out again" onPress={forecast.again} />
    ) : (
      <Progress what="Finding one schedule for all of it" share={share} onCancel={forecast.cancel} />
    );
  switch (answer.kind) {
    case 'scheduled':
      return <Fits wanted={wanted} foods={foods} answer={answer} onServeAt={onServeAt} />;
    case 'obstacles':
      return (
        <Panel edge="hot">
          <Heading>It cannot be made like this</Heading>
          {answer.obstacles.map((obstacle) => (
            <Words key={obstacle.dish}>{obstacleSaid(obstacle, wanted, { now, zone, units, table })}</Words>
          ))}
          <Words tone="soft">Press the dish to make it otherwise.</Words>
        </Panel>
      );
    case 'undecided':
      return (
        <Panel edge="hot">
          <Heading>No schedule was found</Heading>
          <Words>Give a dish more time to wait, or leave one out.</Words>
        </Panel>
      );
    case 'conflict': {
      const { words, help, helped } = answer;
      return (
        <Panel edge="hot">
          <Heading>It does not fit</Heading>
          {words.because.map((why) => (
            <Words key={why}>{why}</Words>
          ))}
          {help?.kind === 'wait' && helped && (
            <Button label={words.help!} onPress={() => onWaits(helped, help.minutes)} />
          )}
          {help?.kind === 'wait' && !helped && <Words face="strong">{words.help}</Words>}
          {help?.kind === 'without' && (
            <Button label={`Without ${nameOf(help.dish)}`} onPress={() => onWithout(help.dish)} />
          )}
          {(help?.kind === 'home' || help?.kind === 'room') && (
            <>
              <Words face="strong">{words.help}</Words>
              <Button label="See the household" onPress={() => router.push('/household' as never)} />
            </>
          )}
        </Panel>
      );
    }
  }
}

interface FitsProps {
  readonly wanted: MealPayload<'mealPlanned'>;
  readonly foods: readonly FoodState[];
  readonly answer: Extract<MealAnswer, { kind: 'scheduled' }>;
  readonly onServeAt: HowItGoesProps['onServeAt'];
}

/** On time or as early as can be, with the first thing to do. */
function Fits({ wanted, foods, answer: { schedule }, onServeAt }: FitsProps) {
  const { now, zone, units, settings } = useKitchen();
  const late = schedule.serveAt - wanted.serveAt;
  const { cooks } = kitchenFor(settings, now, schedule.serveAt + DAY_MS);
  const meal = { mealId: '', plannedAt: now, wanted, schedule, ticks: {}, dropped: false };
  const line = mealLine(meal, foods, cooks);
  const [first] = line ? toDo(line, now) : [];
  const rules = first && rulesOfDish(wanted, first.dish ?? {}, null, settings);
  const words = first && mealStepWords(first, { rules: rules!, units, food: null });
  return (
    <Panel edge={late > 0 ? 'bandEdge' : 'rim'}>
      <Heading>
        {late > 0
          ? `Earliest ${moment(schedule.serveAt, now, zone)}, ${formatDurationUp(late)} later`
          : `All on the table at ${clockWords(schedule.serveAt, zone)}`}
      </Heading>
      {first && <Words>{`First, ${moment(first.at, now, zone)}: ${words!.title}.`}</Words>}
      {late > 0 && (
        <View>
          <Button
            label={`Serve it at ${clockWords(schedule.serveAt, zone)}`}
            onPress={() =>
              onServeAt(String(daysBetween(now, schedule.serveAt, zone)), clockOf(schedule.serveAt, zone))
            }
          />
        </View>
      )}
    </Panel>
  );
}
