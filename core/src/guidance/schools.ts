export const schools = ['home', 'code', 'chain'] as const;
export type School = (typeof schools)[number];

/** The schools, and `care`: the strictest of them all with the additions for those who need extra care. */
export const ruleSetIds = [...schools, 'care'] as const;
export type RuleSetId = (typeof ruleSetIds)[number];
