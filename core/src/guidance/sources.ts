/** Where a rule's value was published; `omtel` marks a decision of our own where published advice is silent. */
export interface Source {
  readonly title: string;
  readonly publisher: string;
}

export const sources = {
  'safe-temperatures': {
    title: 'Safe minimum internal temperature chart',
    publisher: 'US federal consumer guidance (USDA FSIS, FoodSafety.gov)',
  },
  'cold-storage': {
    title: 'Cold food storage chart',
    publisher: 'US federal consumer guidance (FoodSafety.gov)',
  },
  'big-thaw': {
    title: 'The big thaw: safe defrosting methods',
    publisher: 'US federal consumer guidance (USDA FSIS)',
  },
  'roasting-charts': {
    title: 'Meat and poultry roasting charts',
    publisher: 'US federal consumer guidance (FoodSafety.gov)',
  },
  'danger-zone': {
    title: 'Time and temperature: the 40–140 °F band',
    publisher: 'US federal consumer guidance (USDA FSIS)',
  },
  leftovers: {
    title: 'Leftovers and food safety',
    publisher: 'US federal consumer guidance (USDA FSIS)',
  },
  thermometers: {
    title: 'Kitchen thermometers',
    publisher: 'US federal consumer guidance (USDA FSIS)',
  },
  'keeping-clean': {
    title: 'Clean, separate, cook, chill',
    publisher: 'US federal consumer guidance (FoodSafety.gov)',
  },
  'power-cut': {
    title: 'Food safety during a power outage',
    publisher: 'US federal consumer guidance (FoodSafety.gov)',
  },
  'food-code': { title: 'Food Code 2022, chapter 3', publisher: 'US FDA' },
  'fsanz-322': {
    title: 'Standard 3.2.2 and the 2-hour/4-hour guidance',
    publisher: 'Food Standards Australia New Zealand',
  },
  'uk-fsa': {
    title: 'Cooking, chilling, thawing and leftovers; core-temperature equivalents',
    publisher: 'UK Food Standards Agency',
  },
  'fssai-4': { title: 'Schedule 4: thawing of frozen food', publisher: 'FSSAI, India' },
  'higher-risk': {
    title: 'Food safety for people at higher risk',
    publisher: 'US federal consumer guidance (FoodSafety.gov); UK Food Standards Agency',
  },
  service: { title: 'Common service-kitchen practice', publisher: 'Trade practice, all schools' },
  omtel: { title: 'Omtel’s own decision where advice is silent', publisher: 'Omtel, docs/guidance.md' },
} as const satisfies Record<string, Source>;

export type SourceId = keyof typeof sources;
