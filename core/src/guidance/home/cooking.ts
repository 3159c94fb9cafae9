import { fahrenheit, HOUR_MS, MINUTE_MS, pounds } from '../../units';
import type { CookTarget, Draft, RuleSet } from '../schema';

const reach = (degreesF: number, extra: Partial<CookTarget> = {}): CookTarget => ({
  kind: 'cookTarget',
  options: [{ at: fahrenheit(degreesF), heldMs: 0 }],
  restMs: 0,
  ...extra,
});
const safetyRest = { restMs: 3 * MINUTE_MS };

export const cooking: Draft<RuleSet['cooking']> = {
  targets: {
    poultry: { title: 'Poultry, stuffing, stuffed food', value: reach(165), source: 'safe-temperatures' },
    groundMeat: {
      title: 'Ground meat, red-meat sausage, tenderised meat',
      value: reach(160),
      source: 'safe-temperatures',
      note: 'The chart gives tenderised and injected meat 145 °F and a rest; Omtel is stricter.',
    },
    wholeCut: {
      title: 'Steaks, chops, whole cuts',
      value: reach(145, safetyRest),
      source: 'safe-temperatures',
    },
    roast: { title: 'Roasts', value: reach(145, safetyRest), source: 'safe-temperatures' },
    porkCut: {
      title: 'Pork: chops and whole cuts',
      value: reach(145, safetyRest),
      source: 'safe-temperatures',
    },
    porkRoast: { title: 'Pork: roasts', value: reach(145, safetyRest), source: 'safe-temperatures' },
    fish: {
      title: 'Fish and shellfish',
      value: reach(145, { sign: 'opaque and flaking, shells open' }),
      source: 'safe-temperatures',
    },
    groundFish: {
      title: 'Fish, ground or minced',
      value: reach(145, { sign: 'opaque and firm right through' }),
      source: 'safe-temperatures',
      note: 'As all fish; the service code asks for more.',
    },
    egg: {
      title: 'Eggs and egg dishes',
      value: reach(160, { sign: 'firm yolk and white' }),
      source: 'safe-temperatures',
    },
    casserole: {
      title: 'Casseroles and dishes with leftovers',
      value: reach(165),
      source: 'safe-temperatures',
    },
    vegetable: {
      title: 'Vegetables and grains held hot',
      value: reach(140),
      source: 'omtel',
      note: 'The chart names none; it follows from holding hot food.',
    },
    kidneyBeans: {
      title: 'Dried kidney beans',
      value: {
        kind: 'cookTarget',
        options: [{ at: fahrenheit(212), heldMs: 10 * MINUTE_MS }],
        restMs: 0,
        sign: 'boiled hard for 10 min',
      },
      source: 'uk-fsa',
      note: 'A poison in the raw bean: soak, throw the water away, boil hard. A slow cooker alone makes it worse.',
    },
    organMeat: { title: 'Organ meats', value: reach(160), source: 'safe-temperatures' },
    giblets: { title: 'Giblets and poultry sausage', value: reach(165), source: 'safe-temperatures' },
    game: { title: 'Game and rabbit', value: reach(160), source: 'safe-temperatures' },
    hamCooked: {
      title: 'Ham, fully cooked and plant-packed',
      value: reach(140),
      source: 'safe-temperatures',
    },
    hamOther: {
      title: 'Ham, all other',
      value: reach(165),
      source: 'safe-temperatures',
      note: 'The value for ham packed elsewhere.',
    },
  },
  oven: {
    title: 'Oven for meat and poultry',
    value: { kind: 'temperature', limit: 'least', at: fahrenheit(325) },
    source: 'roasting-charts',
  },
  jointRest: {
    title: 'Rest for a large joint',
    value: { kind: 'durations', lowMs: 20 * MINUTE_MS, highMs: 30 * MINUTE_MS },
    source: 'roasting-charts',
    note: 'For juices and carry-over; the safety rest is part of the target.',
  },
  preheat: {
    title: 'Heat the oven for',
    value: { kind: 'duration', limit: 'least', ms: 20 * MINUTE_MS },
    source: 'omtel',
    note: 'A usual oven; set your own when yours differs.',
  },
  interrupting: {
    title: 'Cooking part now and finishing later',
    value: { kind: 'allowed', yes: false, instead: 'cook through in one go' },
    source: 'safe-temperatures',
  },
  microwave: {
    title: 'By microwave, besides its own target',
    value: reach(140, { restMs: 2 * MINUTE_MS }),
    source: 'safe-temperatures',
    note: 'To the food’s own target in several places; stir, cover, turn, and let it stand.',
  },
  roastOven: {
    title: 'Ovens in which held temperatures of a roast count',
    value: {
      kind: 'ovens',
      heavyFrom: pounds(10),
      light: { still: fahrenheit(325), fan: fahrenheit(325) },
      heavy: { still: fahrenheit(325), fan: fahrenheit(325) },
    },
    source: 'roasting-charts',
    note: 'The chart has no held temperatures; its oven for meat is never colder.',
  },
  sameCook: {
    title: 'Back on the heat as the same cook, within',
    value: { kind: 'duration', limit: 'most', ms: 30 * MINUTE_MS },
    source: 'omtel',
    note: 'And never below hot in between. Later it is heated again.',
  },
  unread: {
    title: 'On the heat without a reading for at most',
    value: { kind: 'duration', limit: 'most', ms: 12 * HOUR_MS },
    source: 'omtel',
    note: 'Longer than any roast of the charts. After that nobody knows how it stands.',
  },
};
