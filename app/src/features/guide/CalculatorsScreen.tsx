import { PageLink } from '../../ui/PageLink';
import { Rows, wholeRow } from '../../ui/Rows';
import { Screen } from '../../ui/Screen';
import { Words } from '../../ui/Words';
import { CALCULATORS } from './calculators';

/** It works out what no rule says: by heat transfer, of any shape. */
const WHAT_IF = { href: '/guide/bench', title: 'What if: shape, weight, place' };

/** Every instrument that works something out, in the order of the work. */
export function CalculatorsScreen() {
  return (
    <Screen title="Work something out" subtitle="In the order of the work" backTo="/guide">
      <Rows>
        {[...CALCULATORS, WHAT_IF].map(({ href, title }) => (
          <PageLink key={href} href={href} style={wholeRow}>
            <Words face="strong" tone="rim">
              {title}
            </Words>
          </PageLink>
        ))}
      </Rows>
    </Screen>
  );
}
