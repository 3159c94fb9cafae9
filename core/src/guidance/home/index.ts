import { ruleSet } from '../ruleSet';
import { afterThaw, refreezing, thawing } from './thawing';
import { bands, bandTime, holding } from './bands';
import { cooking } from './cooking';
import { cooling, reheating } from './cooling';
import { keepingApart, powerCut, servings, thermometer } from './kitchen';
import { roasting } from './roasting';
import { storage } from './storage';

/** The home chart: US federal consumer guidance, the default school. */
export const homeRules = ruleSet({
  school: 'home',
  name: 'Home chart',
  dayCount: 'elapsed',
  bands,
  holding,
  bandTime,
  thawing,
  afterThaw,
  refreezing,
  cooking,
  roasting,
  cooling,
  storage,
  reheating,
  thermometer,
  keepingApart,
  servings,
  powerCut,
});
