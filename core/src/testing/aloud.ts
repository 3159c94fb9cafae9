import { VERDICT_WORDS, type Ruling } from '../judge';

/** A ruling as it is read on the food's page, whole: what it says, what it offers, and its grounds with their rules. */
export function aloud({ verdict, until, headline, because, action, reasons }: Ruling): string {
  return [
    `${VERDICT_WORDS[verdict]}. ${headline} ${because}`,
    ...(until === null ? [] : [`Until ${new Date(until).toISOString()}`]),
    ...(action.kind === 'none' ? [] : [`Button: ${action.label} (${action.kind})`]),
    ...reasons.map(({ label, value, detail, ruleId }) => `– ${label}: ${value}. ${detail}. [${ruleId}]`),
  ].join('\n');
}

/** Holds that every sentence is one a cook reads with wet hands: whole, short, and free of what a machine would say. */
export function readsWell({ headline, because, action, reasons }: Ruling): void {
  for (const sentence of [headline, because]) {
    expect(sentence).toMatch(/^[A-Z“0-9].*[.?]$/);
    expect(sentence).not.toMatch(/undefined|null|NaN|Infinity|Invalid|\s{2}|-\d/);
  }
  expect(headline.length).toBeLessThanOrEqual(MOST_HEADLINE);
  expect(because.length).toBeLessThanOrEqual(MOST_BECAUSE);
  expect(action.kind === 'none' ? 'none' : action.label).toMatch(/^\S/);
  for (const { label, value, detail } of reasons) {
    expect(`${label} ${value} ${detail}`).not.toMatch(/undefined|null|NaN|Infinity|Invalid| -\d/);
    expect(label).toMatch(/^[A-Z“0-9]/);
    expect(value.length).toBeLessThanOrEqual(MOST_VALUE);
  }
}
/** Three lines of a phone's headline, four of its text, and a value that stands beside its label. */
const MOST_HEADLINE = 70;
const MOST_BECAUSE = 150;
const MOST_VALUE = 18;
