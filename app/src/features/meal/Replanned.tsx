import type { MealStep } from '@omtel/core/meal';
import type { StepWords } from '@omtel/core/plan';
import { clockWords } from '@omtel/core/time';
import type { MealState } from '@omtel/core/trail';
import { formatDuration, formatDurationUp } from '@omtel/core/units';
import { View } from 'react-native';
import { replanRead } from '../../store/replans';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Panel } from '../../ui/Panel';
import { Heading, Words } from '../../ui/Words';
import { obstacleSaid } from './obstacleSaid';
import { useMealLine } from './useMealLine';

interface ReplannedProps {
  readonly meal: MealState;
  readonly wordsOf: (step: MealStep) => StepWords;
}

const MOST_TOLD = 4;

/** What moved since the last tick, until it was seen; or why the rest does not fit any more. */
export function Replanned({ meal, wordsOf }: ReplannedProps) {
  const last = useAppSelector((state) => state.replans[meal.mealId]);
  const dispatch = useAppDispatch();
  const { now, zone, units, settings } = useKitchen();
  const { table } = settings;
  const { line } = useMealLine(meal);
  if (!last || !line) return null;
  const { answer, wasAt } = last;
  const seen = <Button kind="plain" label="Seen" onPress={() => dispatch(replanRead(meal.mealId))} />;
  if (answer.kind === 'conflict')
    return (
      <Panel edge="hot">
        <Heading>What is left does not fit any more</Heading>
        {answer.words.because.map((why) => (
          <Words key={why}>{why}</Words>
        ))}
        {answer.words.help && <Words face="strong">{answer.words.help}</Words>}
        {seen}
      </Panel>
    );
  if (answer.kind === 'obstacles')
    return (
      <Panel edge="hot">
        <Heading>It cannot go on like this</Heading>
        {answer.obstacles.map((obstacle) => (
          <Words key={obstacle.dish}>
            {obstacleSaid(obstacle, meal.wanted, { now, zone, units, table })}
          </Words>
        ))}
        {seen}
      </Panel>
    );
  if (answer.kind !== 'scheduled') return null;
  const later = answer.schedule.serveAt - wasAt;
  const moved = answer.moved.flatMap(({ task, byMs, end }) => {
    const its = line.steps.filter((step) => step.task?.id === task);
    const step = end ? its.at(-1) : its[0];
    return step ? [{ step, byMs }] : [];
  });
  return (
    <Panel edge={later > 0 ? 'hot' : 'rim'}>
      <Heading>
        {later > 0
          ? `Dinner ${formatDurationUp(later)} later, at ${clockWords(answer.schedule.serveAt, zone)}`
          : 'Dinner as planned; this moved'}
      </Heading>
      <View>
        {moved.slice(0, MOST_TOLD).map(({ step, byMs }) => (
          <Words key={step.id}>
            {`${wordsOf(step).title}: ${clockWords(step.at, zone)}, ${formatDuration(Math.abs(byMs))} ${byMs > 0 ? 'later' : 'earlier'}.`}
          </Words>
        ))}
        {moved.length > MOST_TOLD && <Words tone="soft">{`And ${moved.length - MOST_TOLD} more.`}</Words>}
      </View>
      {seen}
    </Panel>
  );
}
