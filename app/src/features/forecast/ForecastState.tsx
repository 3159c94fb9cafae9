import { useSyncExternalStore } from 'react';
import type { Forecast } from '../../workers/useForecast';
import { Button } from '../../ui/Button';
import { Progress } from '../../ui/Progress';
import { Words } from '../../ui/Words';

interface ForecastStateProps {
  readonly what: string;
  readonly forecast: Forecast<unknown>;
}

/** Where a forecast stands while it is not there yet: how far, given up, or why not. */
export function ForecastState({ what, forecast }: ForecastStateProps) {
  const { running, progress, problem, cancelled, cancel, again } = forecast;
  const share = useSyncExternalStore(progress.watch, progress.get);
  if (running) return <Progress what={what} share={share} onCancel={cancel} />;
  if (problem)
    return (
      <Words tone="hot" role="alert">
        {problem}
      </Words>
    );
  if (cancelled) return <Button label="Compute it again" onPress={again} />;
  return null;
}
