import { useState } from 'react';
import { api } from '../../store/api';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useHousehold } from '../../store/useKitchen';
import { planAnew } from './planAnew';

/** Puts a task of a meal to a time it stays at, where the rest can go round it. */
export function usePin(mealId: string) {
  const dispatch = useAppDispatch();
  const household = useHousehold();
  const meal = useAppSelector((state) =>
    api.endpoints.foods
      .select()(state)
      .data?.meals.find((each) => each.mealId === mealId),
  );
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  /** @returns whether it is there now; null lets it move again */
  const pin = async (taskId: string, at: number | null): Promise<boolean> => {
    const schedule = meal?.schedule;
    if (!schedule) return false;
    const tasks = schedule.tasks.map((task) => {
      if (task.id !== taskId) return task;
      return at === null ? { ...task, pinned: undefined } : { ...task, startAt: at, pinned: true as const };
    });
    setBusy(true);
    const answer = await dispatch(planAnew(mealId, household, { ...schedule, tasks }));
    setBusy(false);
    if (answer?.kind === 'scheduled') {
      setProblem(null);
      return true;
    }
    setProblem(
      answer?.kind === 'conflict'
        ? answer.words.because.join(' ')
        : 'At that time there is no schedule for the rest.',
    );
    return false;
  };
  return { pin, problem, busy };
}
