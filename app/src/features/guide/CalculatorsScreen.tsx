import { PageLink } from '../../ui/PageLink';
import { Rows, wholeRow } from '../../ui/Rows';
import { Screen } from '../../ui/Screen';
import { Words } from '../../ui/Words';
import { CALCULATORS } from './calculators';

/** Every instrument that works something out, in the order of the work. */
export function CalculatorsScreen() {
  return (
    <Screen title="Work something out" subtitle="In the order of the work" backTo="/guide">
      <Rows>
        {CALCULATORS.map(({ href, title }) => (
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
