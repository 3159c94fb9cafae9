import { PAPERS, setCard, type Card, type PaperId } from '@omtel/core/print';
import { useMemo } from 'react';
import { useRemembered } from '../../store/useRemembered';
import { Beside } from '../../ui/Beside';
import { Choice } from '../../ui/Choice';
import { Screen } from '../../ui/Screen';
import { Words } from '../../ui/Words';
import { Preview, PrintActs, useInked, useMeasure } from '../print';

const PAPER_CHOICE = (Object.keys(PAPERS) as PaperId[]).map((value) => ({
  value,
  label: PAPERS[value].label,
}));

interface CardFrameProps {
  /** What the page is called; the card has a title of its own. */
  readonly title: string;
  readonly subtitle: string;
  readonly card: Card;
  readonly backTo: string;
}

/** A card as it will be on the chosen paper, and the ways out. */
export function CardFrame({ title, subtitle, card, backTo }: CardFrameProps) {
  const measure = useMeasure();
  const [{ paper }, set] = useRemembered('card', { paper: 'a4' });
  const chosen = PAPER_CHOICE.find(({ value }) => value === paper)?.value ?? 'a4';
  // The clock goes on while the page is open; as long as the card says the same it is the same.
  const words = JSON.stringify(card);
  const onPaper = useMemo(
    () => (measure ? setCard(JSON.parse(words) as Card, PAPERS[chosen], measure) : []),
    [words, chosen, measure],
  );
  const pages = useInked(onPaper);
  return (
    <Screen title={title} subtitle={subtitle} backTo={backTo} rules roomy>
      <Beside
        left={<Preview pages={pages} />}
        right={
          <>
            <Choice
              label="Paper"
              value={chosen}
              onChange={(next) => set({ paper: next })}
              options={PAPER_CHOICE}
            />
            <PrintActs title={card.title} pages={pages} />
            <Words tone="soft">
              Printed from the rules this kitchen goes by today. When school, units or a thermometer change,
              print it again: the date stands under its title.
            </Words>
          </>
        }
      />
    </Screen>
  );
}
