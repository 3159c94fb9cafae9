import { api } from '../../store/api';
import { useFollow } from '../meal';
import { ByPush, Rings } from '../reminders';

/** What an open kitchen does by itself, whatever page is shown: it rings for what falls due, and plans meals anew as they go on. */
export function Watch() {
  useFollow();
  // It asks for nothing by itself: a page that shows no food needs none.
  const { data } = api.endpoints.foods.useQueryState();
  return (
    <>
      {data && <Rings />}
      <ByPush />
    </>
  );
}
