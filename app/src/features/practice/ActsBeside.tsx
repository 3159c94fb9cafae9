import { sources } from '@omtel/core/guidance';
import {
  actsBeside,
  moments as allMoments,
  traitsOf,
  type Handled,
  type Moment,
  type Trait,
} from '@omtel/core/practice';
import { DAY_MS, formatDuration } from '@omtel/core/units';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { useRemembered } from '../../store/useRemembered';
import { Button } from '../../ui/Button';
import { CountDown } from '../../ui/CountDown';
import { TextLink } from '../../ui/TextLink';
import { useLook } from '../../ui/theme';
import { REACH, space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { instrumentsBeside } from './instruments';

/** A moment of the work, what is in hand, and by what it is thawed or heated. */
export interface BesideProps {
  readonly moments: readonly Moment[];
  readonly food: Handled | null;
  readonly by?: readonly (Trait | null)[];
}

/** What was seen is kept quiet for so long; then it is told once more, since habits wear off. */
const QUIET_MS = 60 * DAY_MS;
/** Moments at which hands are washed. */
const HANDS: readonly Moment[] = ['prepare', 'marinate', 'finish'];

const NEVER = Object.fromEntries(allMoments.map((moment) => [moment, 0])) as Record<Moment, number>;

/** What keeps a step safe: first of all one line, the others at a tap, each with why and its source; quiet once it was seen. */
export function ActsBeside({ moments, food, by = [] }: BesideProps) {
  const { rules, now } = useKitchen();
  const [seen, see] = useRemembered('beside', NEVER);
  const [open, setOpen] = useState(false);
  const [asked, setAsked] = useState<string | null>(null);
  const { colors } = useLook();
  const traits = traitsOf(food, by);
  const acts = moments.flatMap((moment) => actsBeside(moment, traits));
  const instruments = moments.flatMap((moment) => instrumentsBeside(moment, traits));
  const quiet = !open && moments.every((moment) => Math.abs(now - seen[moment]) < QUIET_MS);
  const tools = (
    <>
      {moments.some((moment) => HANDS.includes(moment)) && (
        <CountDown
          tall
          label={`Hands: ${formatDuration(rules.keepingApart.hands.value.ms)}`}
          ms={rules.keepingApart.hands.value.ms}
          over="Rinse and dry"
        />
      )}
      {instruments.length > 0 && (
        <View style={styles.links}>
          {instruments.map(({ href, label }) => (
            <TextLink key={href} href={href} face="strong">
              {label}
            </TextLink>
          ))}
        </View>
      )}
    </>
  );
  if (acts.length === 0) return tools;
  if (quiet)
    return (
      <View style={styles.block}>
        {tools}
        <Button kind="plain" label="How it is done safely" onPress={() => setOpen(true)} />
      </View>
    );
  return (
    <View style={styles.block}>
      {tools}
      <View role="list" aria-label="How it is done safely">
        {(open ? acts : acts.slice(0, 1)).map(({ says, why, source }) => (
          <View key={says} role="listitem" style={[styles.line, { borderTopColor: colors.line }]}>
            <Pressable
              role="button"
              aria-expanded={asked === says}
              aria-label={says}
              onPress={() => setAsked(asked === says ? null : says)}
              style={styles.act}
            >
              <Words>{says}</Words>
            </Pressable>
            {asked === says && (
              <Words size="small" tone="soft" style={styles.why}>
                {`${why} ${sources[source].title}.`}
              </Words>
            )}
          </View>
        ))}
      </View>
      <View style={styles.links}>
        {!open && acts.length > 1 && (
          <Button
            kind="plain"
            label={`${acts.length - 1} more`}
            name={`How it is done safely: ${acts.length - 1} more`}
            onPress={() => setOpen(true)}
          />
        )}
        <Button
          kind="plain"
          label="Seen"
          name="Seen: keep it quiet"
          onPress={() => {
            setOpen(false);
            see(Object.fromEntries(moments.map((moment) => [moment, now])));
          }}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  block: { gap: space.s },
  links: { flexDirection: 'row', flexWrap: 'wrap', columnGap: space.l },
  line: { borderTopWidth: space.hair },
  act: { minHeight: REACH, justifyContent: 'center', paddingVertical: space.s },
  why: { marginBottom: space.s },
});
