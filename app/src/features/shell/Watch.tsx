import { useEffect, useRef } from 'react';
import { api } from '../../store/api';
import { useKitchen } from '../../store/useKitchen';
import { chime } from '../../ui/chime';
import { useDueTimes, useFollow } from '../meal';

/** What an open kitchen does by itself, whatever page is shown: it rings for what falls due, and plans meals anew as they go on. */
export function Watch() {
  useFollow();
  // It asks for nothing by itself: a page that shows no food needs none.
  const { data } = api.endpoints.foods.useQueryState();
  return data ? <Rings /> : null;
}

/** Rings once for each thing that falls due. */
function Rings() {
  const { now } = useKitchen();
  const due = useDueTimes();
  const before = useRef(now);
  useEffect(() => {
    const passed = due.some((at) => before.current < at && at <= now);
    // A clock that was moved ahead by hours passed them without anybody waiting.
    const waited = now - before.current < LONGEST_WAIT_MS;
    before.current = now;
    if (passed && waited) chime();
  }, [due, now]);
  return null;
}

const LONGEST_WAIT_MS = 60_000;
