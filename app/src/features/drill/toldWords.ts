import { eventWords, type FoodEvent } from '@omtel/core/record';
import { moment } from '@omtel/core/time';
import type { UnitSystem } from '@omtel/core/units';

const FROM = { guest: 'Brought by a guest', takeaway: 'Takeaway', delivery: 'Delivered' } as const;

interface Told {
  readonly units: UnitSystem;
  readonly zone: string;
}

/** What happened, with all that is known of how a food came: whoever is asked sees what the judge sees. */
export function toldWords(event: FoodEvent, told: Told): readonly string[] {
  const line = eventWords(event, told);
  if (event.type !== 'added') return [line];
  const { since, from, came, outSince, printed, unopened, reheatedBefore } = event.payload;
  const says = (what: string | false | undefined) => (what ? [what] : []);
  return [
    line,
    ...says(from && `${FROM[from]}${came ? `, ${came}` : ''}`),
    ...says(
      from &&
        (outSince
          ? `It left the ${came === 'cold' ? 'cold' : 'heat'} there ${moment(outSince, event.at, told.zone)}`
          : 'Nobody knows when it left the heat or the cold'),
    ),
    ...says(reheatedBefore && 'It had been heated again before'),
    ...says(!from && since === null && 'Nobody knows since when'),
    ...says(unopened && 'In the maker’s pack, closed'),
    ...says(
      printed &&
        `${printed.kind === 'useBy' ? 'Use-by' : 'Best before'} ${moment(printed.at, event.at, told.zone)}, as printed`,
    ),
  ];
}
