import type { PowerCut, StoreReading } from '@omtel/core/api';
import type { Change } from '../outbox/drawer';

/** What a change that waits says of the stores. */
export type StoreChange =
  | { readonly kind: 'read'; readonly reading: StoreReading }
  | { readonly kind: 'notRead'; readonly id: string }
  | { readonly kind: 'powerOff'; readonly cut: PowerCut }
  | { readonly kind: 'neverOff'; readonly id: string }
  | { readonly kind: 'powerOn'; readonly id: string; readonly onAt: number }
  | { readonly kind: 'notOn'; readonly id: string };

const OF_STORES = /^\/stores\/(readings|power-cuts)(?:\/([0-9a-f-]{36}))?(\/end)?$/;

/** Reads what a change says of the stores; null where it is of something else. */
export function storeChange({ path, method, body }: Change): StoreChange | null {
  const [, of, id, end] = OF_STORES.exec(path) ?? [];
  if (of === 'readings')
    return id ? { kind: 'notRead', id } : { kind: 'read', reading: body as StoreReading };
  if (of !== 'power-cuts') return null;
  if (!id) return { kind: 'powerOff', cut: body as PowerCut };
  if (!end) return { kind: 'neverOff', id };
  if (method === 'DELETE') return { kind: 'notOn', id };
  return { kind: 'powerOn', id, onAt: (body as { readonly onAt: number }).onAt };
}
