import { Suspense } from 'react';
import { Screen } from '../../ui/Screen';
import { Loading } from '../../ui/states';
import { Practised } from '../practice';

/** How each part of the work is done: what no figure rules on. */
export function PracticeScreen() {
  return (
    <Screen title="How it is done" subtitle="From the shop to the plate" backTo="/guide" rules>
      <Suspense fallback={<Loading what="how it is done" />}>
        <Practised />
      </Suspense>
    </Screen>
  );
}
