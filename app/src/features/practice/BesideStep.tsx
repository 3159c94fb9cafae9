import { Suspense } from 'react';
import { View } from 'react-native';
import type { BesideProps } from './ActsBeside';
import { Practised } from './practised';
import type { WaysToHeatProps } from './WaysToHeat';

/** About what they need until they are there, px: what is below is not to move under a finger. */
const [HEATING_ROOM, ROOM] = [380, 128];

/** How a portion is heated again. */
export function Heating(heated: WaysToHeatProps) {
  return (
    <Suspense fallback={<View style={{ minHeight: HEATING_ROOM }} />}>
      <Practised heated={heated} />
    </Suspense>
  );
}

/** What keeps a step safe, under it; it comes after the step, which does not wait for it. */
export function BesideStep(beside: BesideProps) {
  if (beside.moments.length === 0) return null;
  return (
    <Suspense fallback={<View style={{ minHeight: ROOM }} />}>
      <Practised beside={beside} />
    </Suspense>
  );
}
