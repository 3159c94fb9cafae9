import type { Ruling } from '@omtel/core/judge';
import { Panel } from '../../ui/Panel';
import { RULING_LOOK } from '../../ui/ruling';
import { RulingBadge } from '../../ui/RulingBadge';
import { Heading, Words } from '../../ui/Words';

/** The ruling: its word and shape, what to do, and why in one line. */
export function RulingPanel({ ruling }: { readonly ruling: Ruling }) {
  const { verdict, headline, because } = ruling;
  return (
    <Panel edge={RULING_LOOK[verdict].tone}>
      <RulingBadge verdict={verdict} />
      <Heading>{headline}</Heading>
      <Words tone="soft">{because}</Words>
    </Panel>
  );
}
