import { useSyncExternalStore } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Forecast } from '../../workers/useForecast';
import { Button } from '../../ui/Button';
import { Progress } from '../../ui/Progress';
import { Words } from '../../ui/Words';

interface ForecastStateProps {
  readonly what: string;
  readonly forecast: Forecast<unknown>;
}

/** Where a forecast stands while it is not there yet. Its place is kept, so that nothing below it jumps. */
export function ForecastState(props: ForecastStateProps) {
  return (
    <View style={styles.place}>
      <Standing {...props} />
    </View>
  );
}

/** How far it is, that it was given up, or why there is none. */
function Standing({ what, forecast }: ForecastStateProps) {
  const { answer, running, progress, problem, cancelled, cancel, again } = forecast;
  const share = useSyncExternalStore(progress.watch, progress.get);
  if (running) return <Progress what={what} share={share} onCancel={cancel} />;
  if (problem)
    return (
      <Words tone="hot" role="alert">
        {problem}
      </Words>
    );
  if (cancelled) return <Button label="Compute it again" onPress={again} />;
  return (
    <Words size="small" tone="soft">
      {answer ? 'Computed from heat transfer. A model informs; a rule decides.' : `${what} …`}
    </Words>
  );
}

const styles = StyleSheet.create({ place: { minHeight: 60, justifyContent: 'center' } });
