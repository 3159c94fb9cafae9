import type { Payload } from '@omtel/core/trail';
import { useMemo } from 'react';
import { useLogQuery } from '../../store/api';
import { recentIn } from './recent';

/** What came into this household's stores lately, the latest first. */
export function useRecent(): readonly Payload<'added'>[] {
  const { data } = useLogQuery();
  return useMemo(() => recentIn((data?.entries ?? []).map(({ event }) => event)), [data]);
}
