/**
 * What left a household's kitchen, eaten or thrown away, by month; why it was thrown away, as the judge would have ruled just then;
 * and what would have kept most of it.
 * Which habit that is, and in what words, belongs to the app.
 */
export { type Cause, causeOf, causes } from './causes';
export { lookedBackSince, type MonthBack, MONTHS_BACK, monthsOf, type Saving, savings } from './months';
export { type LookBack, type Parting, partingOf } from './parting';
