/**
 * Who eats in a household: names, small eaters, and who needs extra care and why.
 * What is ruled for them is not known here: `judge` says what is not for them.
 */
export {
  CARE_WORDS,
  type CareReason,
  careReasons,
  type Eater,
  inCare,
  MOST_EATERS,
  MOST_NAME,
  namesOf,
} from './eaters';
