import type { Cause } from '@omtel/core/lookback';
import { describeValue, type RuleSet } from '@omtel/core/guidance';
import type { UnitSystem } from '@omtel/core/units';

/** What keeps food from being lost, and where Omtel helps with it. */
export interface Habit {
  readonly title: string;
  readonly how: string;
  readonly page: { readonly href: string; readonly label: string };
}

/** Why food was thrown away, after its name. */
export const CAUSE_WORDS: Readonly<Record<Cause, string>> = {
  days: 'its days were over',
  undated: 'nobody knew since when',
  leftOut: 'too long out of the cold',
  unnoted: 'nobody knew how long it was out',
  cooling: 'it cooled too slowly',
  thawing: 'frozen again, or thawed in a way it does not keep after',
  heat: 'nobody could say that it was done',
  again: 'it had been heated already',
  store: 'where it lay was too warm',
  powerCut: 'the power was away',
  thermometer: 'its thermometer could not be relied on',
  notFor: 'not for everybody at the table',
  unwanted: 'still fine',
};

/** The habit that would have kept what was lost for a cause; its figures are the rules'. */
export function habitFor(cause: Cause, rules: RuleSet, units: UnitSystem): Habit {
  const told = (rule: { readonly value: Parameters<typeof describeValue>[0] }) =>
    describeValue(rule.value, units);
  switch (cause) {
    case 'days':
      return {
        title: 'Freeze early what will not be eaten in its days',
        how: 'On the day it is cooked or bought, while it is at its best.',
        page: { href: '/guide/tubs', label: 'How many tubs to freeze' },
      };
    case 'undated':
      return {
        title: 'Date it as it goes in',
        how: 'A label with its date, or a tick when it is put away: then nobody has to guess.',
        page: { href: '/stores', label: 'Print labels from Stores' },
      };
    case 'leftOut':
      return {
        title: 'Away before its clock has run',
        how: `Out of the cold: ${told(rules.bandTime.limit)}. Note when it comes out, and Omtel rings in time.`,
        page: { href: `/guide/rule/${rules.bandTime.limit.id}`, label: rules.bandTime.limit.title },
      };
    case 'unnoted':
      return {
        title: 'Tick it when it happens',
        how: 'Out, in, on the heat: what is noted can be counted, and what is not has to be taken for the worst.',
        page: { href: '/now', label: 'What is to be done now' },
      };
    case 'cooling':
      return {
        title: 'Divide it shallow, and read it in time',
        how: 'Shallow tubs and an ice bath get it past both marks; a reading proves it.',
        page: { href: '/guide/ice-bath', label: 'How much ice for this pot' },
      };
    case 'thawing':
      return {
        title: 'Thaw in the refrigerator, begun early',
        how: 'What thawed there may wait a day or two, and may be frozen again.',
        page: { href: '/plan/new', label: 'Plan back from dinner' },
      };
    case 'heat':
      return {
        title: 'Read the middle before it comes off',
        how: 'Colour and time prove nothing later; a reading does.',
        page: { href: '/thermometers', label: 'Thermometers' },
      };
    case 'again':
      return {
        title: 'Heat only what is eaten now',
        how: 'The rest stays cold and keeps its days.',
        page: {
          href: `/guide/rule/${rules.reheating.times.id}`,
          label: rules.reheating.times.title,
        },
      };
    case 'store':
      return {
        title: 'Look at the refrigerator’s thermometer every day',
        how: `It keeps its food at ${told(rules.bands.refrigerator)}.`,
        page: { href: '/record/refrigerator', label: 'The refrigerator’s record' },
      };
    case 'powerCut':
      return {
        title: 'Doors shut while the power is away',
        how: `Closed, a refrigerator keeps cold ${told(rules.powerCut.refrigerator)}.`,
        page: { href: '/guide/practice', label: 'Without power' },
      };
    case 'thermometer':
      return {
        title: 'Check the thermometer in ice water',
        how: 'A figure nobody can rely on proves nothing.',
        page: { href: '/thermometers', label: 'Thermometers' },
      };
    case 'notFor':
      return {
        title: 'Buy what everybody at the table may eat',
        how: 'For some at the table some foods are not for eating at all.',
        page: { href: '/household', label: 'Who eats here' },
      };
    case 'unwanted':
      return {
        title: 'Cook nearer to what is eaten',
        how: 'It was still fine. A little less in the pot, or a tub in the freezer.',
        page: { href: '/guide/servings', label: 'How much for how many' },
      };
  }
}
