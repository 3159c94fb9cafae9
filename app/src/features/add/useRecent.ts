import type { OwnFood } from '@omtel/core/foods';
import { useMemo } from 'react';
import { useLogQuery } from '../../store/api';
import { recentIn } from './recent';

/** What came into this household's stores lately, the latest first. */
export function useRecent(): readonly Pick<OwnFood, 'name' | 'kinds'>[] {
  const { data } = useLogQuery();
  return useMemo(() => recentIn((data?.entries ?? []).map(({ event }) => event)), [data]);
}
