import { describeValue, listRules, ruleSetIds, rulesOf, sources } from '.';

const METRIC = { temperature: 'C', mass: 'metric' } as const;
const IMPERIAL = { temperature: 'F', mass: 'imperial' } as const;

/**
 * Every rule there is, as it is read in the guide: what changes a number, its source or its words shows here, to be held
 * against the guidance before it is accepted.
 */
it.each(ruleSetIds)('the book of rules of %s', (id) => {
  const lines = listRules(rulesOf(id)).map((rule) => {
    const { title, value, source, note, borrowed, strictestOf } = rule;
    const [metric, imperial] = [describeValue(value, METRIC), describeValue(value, IMPERIAL)];
    return [
      `${rule.id}: ${title}`,
      `  ${metric}${imperial === metric ? '' : ` | ${imperial}`}`,
      `  ${sources[source].title}${borrowed ? ', borrowed' : ''}${strictestOf ? `, strictest of ${strictestOf.join(', ')}` : ''}`,
      ...(note ? [`  ${note}`] : []),
    ].join('\n');
  });
  expect(lines.join('\n')).toMatchSnapshot();
});
