import { moment } from '@omtel/core/time';
import { formatMass } from '@omtel/core/units';
import { useFoods } from '../../store/useFoods';
import { useKitchen } from '../../store/useKitchen';
import { PageLink } from '../../ui/PageLink';
import { Rows, wholeRow } from '../../ui/Rows';
import { Screen } from '../../ui/Screen';
import { Words } from '../../ui/Words';

/** What can be printed for the kitchen: for the door, for what thaws, for a meal. */
export function CardsScreen() {
  const { units, now, zone } = useKitchen();
  const { data } = useFoods();
  const frozen = (data?.foods ?? [])
    .map(({ state }) => state)
    .filter(({ stage, cooked }) => !cooked && (stage === 'frozen' || stage === 'thawing'));
  return (
    <Screen title="Cards" subtitle="To print, or to keep as a picture" backTo="/guide">
      <Rows title="For the refrigerator’s door">
        <CardLink href="/print/door" title="Marks, days, thaw table, thermometers" />
      </Rows>
      {(data?.meals ?? []).length > 0 && (
        <Rows title="For a meal">
          {data!.meals.map(({ mealId, wanted }) => (
            <CardLink
              key={mealId}
              href={`/print/meal?id=${mealId}`}
              title={wanted.name}
              detail={moment(wanted.serveAt, now, zone)}
            />
          ))}
        </Rows>
      )}
      {frozen.length > 0 && (
        <Rows title="For a thaw">
          {frozen.map(({ foodId, name, massKg }) => (
            <CardLink
              key={foodId}
              href={`/print/thaw?food=${foodId}`}
              title={name}
              detail={formatMass(massKg, units)}
            />
          ))}
        </Rows>
      )}
      <Words tone="soft">
        Labels are printed from each food’s page, or for several at once from Stores, by place.
      </Words>
    </Screen>
  );
}

interface CardLinkProps {
  readonly href: string;
  readonly title: string;
  readonly detail?: string;
}

function CardLink({ href, title, detail }: CardLinkProps) {
  return (
    <PageLink href={href} style={wholeRow}>
      <Words tone="rim" face="strong">
        {title}
      </Words>
      {detail && (
        <Words tone="soft" tabular>
          {detail}
        </Words>
      )}
    </PageLink>
  );
}
