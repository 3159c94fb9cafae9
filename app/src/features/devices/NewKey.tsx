import type { DeviceKey } from '@omtel/core/api';
import { lazy, Suspense } from 'react';
import { Loading } from '../../ui/states';

const KeyOnce = lazy(() => import('./KeyOnce'));

/** The key that was just made, with what belongs to it: seldom seen, and read when it is. */
export function NewKey(props: { readonly device: DeviceKey; readonly onDone: () => void }) {
  return (
    <Suspense fallback={<Loading what="the key" />}>
      <KeyOnce {...props} />
    </Suspense>
  );
}
