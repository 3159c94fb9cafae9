import { lazy, Suspense } from 'react';
import { View } from 'react-native';
import { PLOT_HEIGHT } from './Plot';
import type { ForecastDrawingProps } from './DrawnForecast';

export type { ForecastCurve } from './DrawnForecast';

const DrawnForecast = lazy(() => import('./DrawnForecast'));

/** A forecast's drawing, which comes when the first one is looked at: until then its room is kept. */
export function ForecastDrawing(props: ForecastDrawingProps) {
  return (
    <Suspense fallback={<View style={{ minHeight: PLOT_HEIGHT }} />}>
      <DrawnForecast {...props} />
    </Suspense>
  );
}
