import { formatMass, massUnitOf } from '@omtel/core/units';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Beside } from '../../ui/Beside';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Panel } from '../../ui/Panel';
import { RuleLink } from '../../ui/RuleLink';
import { Screen } from '../../ui/Screen';
import { Stepper } from '../../ui/Stepper';
import { space } from '../../ui/tokens';
import { TextLink } from '../../ui/TextLink';
import { Words } from '../../ui/Words';
import {
  feedsWords,
  freshServings,
  KIND_OF,
  MOST_PEOPLE,
  ruleOf,
  SERVED,
  type Served,
  workOut,
  type ServingsDraft,
  type Worked,
} from './servingsDraft';
import { useAsked } from './useAsked';
import { WhatFits } from './WhatFits';

/** How much to buy for a table, and how many a weight feeds. */
export function ServingsScreen() {
  const { rules, units, settings } = useKitchen();
  const { table } = settings;
  const fresh = freshServings(table.length || 4, table.filter(({ small }) => small).length);
  const [draft, set] = useAsked<ServingsDraft>('servings', fresh);
  const massUnit = massUnitOf(units);
  const worked = workOut(draft, massUnit, rules);
  return (
    <Screen title="Servings" subtitle="How much to buy, and how many it feeds" backTo="/guide" rules roomy>
      <Beside
        left={
          <>
            <Choice
              label="What is asked"
              value={draft.ask}
              onChange={(ask) => set({ ask })}
              options={[
                { value: 'buy', label: 'How much to buy' },
                { value: 'feeds', label: 'How many it feeds' },
              ]}
            />
            <Choice
              label="Bought as"
              value={draft.form}
              onChange={(form) => set({ form })}
              options={SERVED}
            />
            {draft.ask === 'buy' ? (
              <Table draft={draft} set={set} />
            ) : (
              <Field
                label="Weight"
                value={draft.mass}
                onChange={(mass) => set({ mass })}
                numeric
                suffix={massUnit}
                problem={worked.kind === 'problem' ? (worked.problem ?? undefined) : undefined}
                hint="As it is bought, bone and all."
              />
            )}
          </>
        }
        right={
          <>
            <Result worked={worked} />
            {worked.kind === 'buy' && <ItsThaw form={draft.form} massKg={worked.masses.highKg} />}
            <Words tone="soft">
              Weights as bought, rounded as a shop weighs. Not for how long it cooks or thaws: that goes by
              the weight you get.
            </Words>
            <RuleLink id={ruleOf(draft.form, rules).id} />
            <WhatFits
              form={draft.form}
              massKg={massOf(worked)}
              tin={draft.tin}
              onTin={(tin) => set({ tin })}
            />
          </>
        }
      />
    </Screen>
  );
}

interface TableProps {
  readonly draft: ServingsDraft;
  readonly set: (patch: Partial<ServingsDraft>) => void;
}

function Table({ draft: { people, small, seconds, leftovers }, set }: TableProps) {
  return (
    <View style={styles.group}>
      <Stepper
        label="People"
        value={people}
        min={1}
        max={MOST_PEOPLE}
        onChange={(to) => set({ people: to, small: Math.min(small, to) })}
      />
      <Stepper
        label="Of whom small eaters"
        value={Math.min(small, people)}
        min={0}
        max={people}
        onChange={(to) => set({ small: to })}
      />
      <Stepper
        label="Second helpings"
        value={seconds}
        min={0}
        max={MOST_PEOPLE}
        onChange={(to) => set({ seconds: to })}
      />
      <Stepper
        label="Portions to be left"
        value={leftovers}
        min={0}
        max={MOST_PEOPLE}
        onChange={(to) => set({ leftovers: to })}
      />
    </View>
  );
}

function Result({ worked }: { readonly worked: Worked }) {
  const { units } = useKitchen();
  const { said, about } = resultWords(worked, (kg) => formatMass(kg, units));
  return (
    <Panel edge={worked.kind === 'problem' ? 'line' : 'rim'}>
      <View role="status" style={styles.group}>
        <Words size="title" face="display" tabular>
          {said}
        </Words>
        <Words>{about}</Words>
      </View>
    </Panel>
  );
}

/** The heaviest it comes to, kg. */
function massOf(worked: Worked): number | null {
  if (worked.kind === 'problem') return null;
  return worked.kind === 'buy' ? worked.masses.highKg : worked.massKg;
}

/** The heaviest a card of a thaw is made for, kg. */
const HEAVIEST_KG = 30;

/** How long so much takes to thaw, as a card, where it is bought frozen. */
function ItsThaw({ form, massKg }: { readonly form: Served; readonly massKg: number }) {
  if (massKg > HEAVIEST_KG) return null;
  return (
    <TextLink href={`/print/thaw?kind=${KIND_OF[form]}&kg=${massKg.toFixed(2)}`}>
      If it comes frozen: how long it thaws, as a card
    </TextLink>
  );
}

function resultWords(worked: Worked, mass: (kg: number) => string): { said: string; about: string } {
  switch (worked.kind) {
    case 'buy':
      return {
        said: `${mass(worked.masses.lowKg)} to ${mass(worked.masses.highKg)}`,
        about: `${worked.portions} ${worked.portions === 1 ? 'portion' : 'portions'}, from a light hand to a generous one.`,
      };
    case 'feeds':
      return { said: feedsWords(worked), about: 'From generous portions to light ones.' };
    case 'problem':
      return { said: 'Say what it weighs', about: 'Then it is told how many it feeds.' };
  }
}

const styles = StyleSheet.create({ group: { gap: space.m } });
