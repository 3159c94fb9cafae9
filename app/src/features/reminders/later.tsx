import { lazy, Suspense, type ComponentType } from 'react';
import type * as All from './all';

/** No page stands by what reminds: it is fetched in one piece, once the page that shows some of it stands. */
function later<Props extends object>(part: (all: typeof All) => ComponentType<Props>) {
  const Fetched = lazy(async () => ({
    default: part(await import('./all')),
  })) as unknown as ComponentType<Props>;
  return function Later(props: Props) {
    return (
      <Suspense>
        <Fetched {...props} />
      </Suspense>
    );
  };
}

export const AskToRemind = later((all) => all.AskToRemind);
export const ByPush = later((all) => all.ByPush);
export const RemindersFields = later((all) => all.RemindersFields);
export const Rings = later((all) => all.Rings);
