import type { AgendaItem } from '@omtel/core/plan';
import { RescueNotice } from '../food';
import { Line } from './Line';

/** What one food needs later: the earliest of all that can hurt, and the plan's step beneath. */
export function AgendaRow({ item }: { readonly item: AgendaItem }) {
  const { food, ruling, beneath } = item;
  return (
    <>
      <Line food={food} line={item} verdict={ruling.verdict} />
      {beneath && <Line food={food} line={beneath} verdict={ruling.verdict} beneath />}
      <RescueNotice food={food} />
    </>
  );
}
