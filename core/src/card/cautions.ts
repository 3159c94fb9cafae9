/** What stands at the foot of every card. */
export const CAUTIONS: readonly string[] = [
  'A planning aid. Your local food-safety authority and medical advice come first. When in doubt, throw it out: look and smell prove nothing.',
];
