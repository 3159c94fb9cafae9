import { VERDICT_WORDS, type Ruling } from '../trail';

/** A ruling as it is read on the food's page, whole: what it says, what it offers, and its grounds with their rules. */
export function aloud({ verdict, until, headline, because, action, reasons }: Ruling): string {
  return [
    `${VERDICT_WORDS[verdict]}. ${headline} ${because}`,
    ...(until === null ? [] : [`Until ${new Date(until).toISOString()}`]),
    ...(action.kind === 'none' ? [] : [`Button: ${action.label} (${action.kind})`]),
    ...reasons.map(({ label, value, detail, ruleId }) => `– ${label}: ${value}. ${detail}. [${ruleId}]`),
  ].join('\n');
}
