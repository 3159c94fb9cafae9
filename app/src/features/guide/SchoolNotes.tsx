import type { Difference } from '@omtel/core/differences';
import { rulesOf, schools } from '@omtel/core/guidance';
import { Words } from '../../ui/Words';

/** Why each school reads a rule as it does; what it only borrowed it has nothing to say of. */
export const SchoolNotes = ({ rules }: Pick<Difference, 'rules'>) =>
  schools.map((school) => {
    const { note, borrowed } = rules[school];
    return note && !borrowed ? (
      <Words key={school} size="small" tone="soft">{`${rulesOf(school).name}: ${note}`}</Words>
    ) : null;
  });
