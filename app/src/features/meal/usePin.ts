import { useState } from 'react';
import { api } from '../../store/api';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useHousehold } from '../../store/useKitchen';
import { planAnew } from './planAnew';

/** What a cook wants of a task: a time it stays at, a cook who does it; null lets either move again. */
export interface Pinned {
  readonly at?: number | null;
  readonly who?: string | null;
}

/** Puts a task of a meal to a time it stays at or into a cook's hands, where the rest can go round it. */
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
  /** @returns whether it is so now */
  const pin = async (taskId: string, { at, who }: Pinned): Promise<boolean> => {
    const schedule = meal?.schedule;
    if (!schedule) return false;
    const tasks = schedule.tasks.map((task) => {
      if (task.id !== taskId) return task;
      return {
        ...task,
        ...(at === null && { pinned: undefined }),
        ...(typeof at === 'number' && { startAt: at, pinned: true as const }),
        ...(who !== undefined && { who: who ?? undefined }),
      };
    });
    setBusy(true);
    const answer = await dispatch(planAnew(mealId, household, { ...schedule, tasks }));
    setBusy(false);
    if (answer?.kind === 'scheduled') {
      setProblem(null);
      return true;
    }
    setProblem(
      answer?.kind === 'conflict' ? answer.words.because.join(' ') : 'So there is no schedule for the rest.',
    );
    return false;
  };
  return { pin, problem, busy };
}
