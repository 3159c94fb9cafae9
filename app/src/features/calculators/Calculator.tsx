import type { Rule } from '@omtel/core/guidance';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Beside } from '../../ui/Beside';
import { Panel } from '../../ui/Panel';
import { RuleLink } from '../../ui/RuleLink';
import { Screen } from '../../ui/Screen';
import { space, type Colors } from '../../ui/tokens';
import { Words } from '../../ui/Words';

export interface Said {
  /** What comes of it, in a few words. */
  readonly said: string;
  /** What goes with it. */
  readonly about?: string;
  readonly edge?: keyof Colors;
}

interface CalculatorProps {
  readonly title: string;
  readonly subtitle: string;
  readonly fields: ReactNode;
  /** What comes of what is filled in; null while it says too little. */
  readonly result: Said | null;
  /** What is said until then. */
  readonly asks: string;
  /** How it is done, and what it is not for. */
  readonly notes: readonly string[];
  /** What nobody may pass over. */
  readonly beware?: string;
  readonly rules: readonly Rule[];
  /** What belongs under the result. */
  readonly children?: ReactNode;
}

/** Two fields that belong together, side by side. */
export function Pair({ children }: { readonly children: ReactNode }) {
  return <View style={styles.pair}>{children}</View>;
}

/** The frame of an instrument: what is asked, what comes of it, how it is used, and the rules it goes by. */
export function Calculator({
  title,
  subtitle,
  fields,
  result,
  asks,
  notes,
  beware,
  rules,
  children,
}: CalculatorProps) {
  const { said, about, edge = 'rim' } = result ?? { said: asks, edge: 'line' };
  return (
    <Screen title={title} subtitle={subtitle} backTo="/guide" rules roomy>
      <Beside
        left={fields}
        right={
          <>
            <Panel edge={edge}>
              <View role="status" style={styles.group}>
                <Words size={result ? 'title' : 'lead'} face={result ? 'display' : 'text'} tabular>
                  {said}
                </Words>
                {about && <Words>{about}</Words>}
              </View>
            </Panel>
            {children}
            {beware && <Words face="strong">{beware}</Words>}
            {notes.map((note) => (
              <Words key={note} tone="soft">
                {note}
              </Words>
            ))}
            <View>
              {rules.map(({ id, title: named }) => (
                <RuleLink key={id} id={id}>{`${named}: rule and source`}</RuleLink>
              ))}
            </View>
          </>
        }
      />
    </Screen>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.m },
  pair: { flexDirection: 'row', gap: space.m, alignItems: 'flex-start' },
});
