import { ruleSet } from '../ruleSet';
import type { Draft, RuleSet } from '../schema';
import { afterThaw, afterThawCooked, refreezing, thawing } from './thawing';
import { bands, bandTime, holding } from './bands';
import { cooking } from './cooking';
import { avoided, cooling, heatedFirst, printedDate, reheating } from './cooling';
import { frying, keepingApart, powerCut, servings, thermometer } from './kitchen';
import { roasting } from './roasting';
import { storage } from './storage';

/** The home chart: US federal consumer guidance, the default school. */
export const homeDraft: Draft<RuleSet> = {
  school: 'home',
  name: 'Home chart',
  bands,
  holding,
  bandTime,
  thawing,
  afterThaw,
  afterThawCooked,
  refreezing,
  cooking,
  roasting,
  cooling,
  storage,
  avoided,
  heatedFirst,
  printedDate,
  reheating,
  thermometer,
  keepingApart,
  frying,
  servings,
  powerCut,
};

export const homeRules = ruleSet(homeDraft);
