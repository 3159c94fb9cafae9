import { ppmWords, type Fit } from '@omtel/core/kitchen';
import { clockWords, dayName } from '@omtel/core/time';
import { formatDuration } from '@omtel/core/units';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { useRemembered } from '../../store/useRemembered';
import { Beside } from '../../ui/Beside';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { CountDown } from '../../ui/CountDown';
import { Field } from '../../ui/Field';
import { Panel } from '../../ui/Panel';
import { RuleLink } from '../../ui/RuleLink';
import { Screen } from '../../ui/Screen';
import { space, type Colors } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { MeasureField } from './MeasureField';
import {
  BLEACH_UNITS,
  freshMix,
  rangeWords,
  readMix,
  WATER_UNITS,
  type ReadMix,
  type SanitiserDraft,
} from './sanitiserDraft';

const FITS: Record<Fit, { readonly word: string; readonly then: string; readonly edge: keyof Colors }> = {
  tooWeak: { word: 'Too weak', then: 'It does not sanitise. More bleach, or less water.', edge: 'hot' },
  surfaces: {
    word: 'Right for boards, knives and counters',
    then: 'Leave it wet, then let it dry in air. No rinsing.',
    edge: 'rim',
  },
  rinse: {
    word: 'Too strong for what food touches',
    then: 'More water. Where it was used so, rinse with clean water.',
    edge: 'bandEdge',
  },
  disinfects: {
    word: 'For floors and bins only',
    then: 'Not for boards, knives, or anything food touches.',
    edge: 'hot',
  },
  cannotTell: {
    word: 'Cannot tell: it depends on the bottle',
    then: 'Read its label, or mix what serves any bottle.',
    edge: 'hot',
  },
};

/** How strong a mix of bleach and water is, what it is fit for, and how to mix one that is right. */
export function SanitiserScreen() {
  const { rules, units } = useKitchen();
  const [draft, set] = useRemembered<SanitiserDraft>('sanitiser', freshMix(units));
  const read = readMix(draft, rules);
  return (
    <Screen
      title="Sanitiser"
      subtitle="Bleach and water, by what the bottle holds"
      backTo="/guide"
      rules
      roomy
    >
      <Beside
        left={
          <>
            <Choice
              label="Strength on the bottle"
              value={draft.bottle}
              onChange={(bottle) => set({ bottle })}
              options={[
                { value: 'known', label: 'It says' },
                { value: 'unknown', label: 'Nobody knows' },
              ]}
            />
            {draft.bottle === 'known' && (
              <Field
                label="Sodium hypochlorite"
                value={draft.percent}
                onChange={(percent) => set({ percent })}
                numeric
                suffix="%"
                problem={draft.percent === '' ? undefined : read.problems.percent}
                hint="Bottles hold 3 to 8.25 %: it is on the label, in small print."
              />
            )}
            <MeasureField
              label="Bleach"
              value={draft.bleach}
              unit={draft.bleachUnit}
              units={BLEACH_UNITS}
              onChange={(bleach) => set({ bleach })}
              onUnit={(bleachUnit) => set({ bleachUnit })}
              problem={read.problems.bleach}
            />
            <MeasureField
              label="Water"
              value={draft.water}
              unit={draft.waterUnit}
              units={WATER_UNITS}
              onChange={(water) => set({ water })}
              onUnit={(waterUnit) => set({ waterUnit })}
              problem={read.problems.water}
            />
          </>
        }
        right={
          <>
            <Result read={read} draft={draft} />
            <Use draft={draft} onMixed={(mixedAt) => set({ mixedAt })} />
          </>
        }
      />
    </Screen>
  );
}

function Result({ read, draft }: { readonly read: ReadMix; readonly draft: SanitiserDraft }) {
  const { rules } = useKitchen();
  const { mix, bleach, water } = read;
  const { sanitiser, disinfecting } = rules.keepingApart;
  const whatever = draft.bottle === 'known' ? '' : ', whatever the bottle';
  return (
    <>
      {mix ? (
        <Panel edge={FITS[mix.fit].edge}>
          <View role="status" style={styles.group}>
            <Heading>{FITS[mix.fit].word}</Heading>
            <Words size="lead" face="strong" tabular>
              {[...new Set([ppmWords(mix.ppm.from, rules), ppmWords(mix.ppm.to, rules)])].join(' to ')} ppm
            </Words>
            <Words>{FITS[mix.fit].then}</Words>
          </View>
        </Panel>
      ) : (
        <Words tone="soft">Say what the bottle holds, how much of it, and how much water.</Words>
      )}
      {bleach && (
        <Words>{`For ${draft.water} ${draft.waterUnit} of water take ${rangeWords(bleach, draft.bleachUnit)} of bleach${whatever}.`}</Words>
      )}
      {water && (
        <Words>{`For ${draft.bleach} ${draft.bleachUnit} of bleach take ${rangeWords(water, draft.waterUnit)} of water${whatever}.`}</Words>
      )}
      <Words face="strong">
        Never with vinegar, descaler or any acid, never with ammonia or another cleaner: the gas is poisonous.
      </Words>
      <Words size="small" tone="soft">
        ppm = bleach % × 10 000 × bleach ÷ (bleach + water). Ranges are rounded inwards, a strength never
        across a limit. Spoons, cups and gallons are US measures.
      </Words>
      <RuleLink id={sanitiser.id}>{`${sanitiser.title}: rule and source`}</RuleLink>
      <RuleLink id={disinfecting.id}>{`${disinfecting.title}: rule and source`}</RuleLink>
    </>
  );
}

interface UseProps {
  readonly draft: SanitiserDraft;
  readonly onMixed: (at: number) => void;
}

/** How a mix is used, and how long it is good for. */
function Use({ draft, onMixed }: UseProps) {
  const { rules, now, zone } = useKitchen();
  const { sanitiserWet, sanitiserKeeps } = rules.keepingApart;
  const wet = sanitiserWet.value;
  const endsAt = draft.mixedAt === null ? null : draft.mixedAt + sanitiserKeeps.value.ms;
  return (
    <View style={styles.group}>
      <Heading small>Wash, rinse, then sanitise</Heading>
      <CountDown label={`Wet for ${formatDuration(wet.highMs)}`} ms={wet.highMs} over="Let it dry in air" />
      <Words>{`At least ${wet.lowMs / 1000} s wet. On dirt it does nothing.`}</Words>
      <Heading small>Good for a day</Heading>
      {endsAt !== null && (
        <Words face="strong" tone={now > endsAt ? 'hot' : 'ink'}>
          {now > endsAt
            ? 'It is older than a day: mix it anew.'
            : `Mixed ${clockWords(draft.mixedAt!, zone)}, good until ${dayName(endsAt, now, zone)} ${clockWords(endsAt, zone)}.`}
        </Words>
      )}
      <View style={styles.start}>
        <Button label="Mixed just now" onPress={() => onMixed(now)} />
      </View>
      <RuleLink id={sanitiserKeeps.id}>{`${sanitiserKeeps.title}: rule and source`}</RuleLink>
      <Heading small>Never</Heading>
      <Words face="strong">
        Never with vinegar, descaler or any acid, never with ammonia or another cleaner: the gas is poisonous.
      </Words>
      <Words>
        Cold water, an open window, gloves. In its own bottle, with its name on it, away from children.
      </Words>
      <Words tone="soft">
        Scented and thickened bleach is not for boards. Another sanitiser goes by its own label, and by
        nothing here.
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.s },
  start: { alignItems: 'flex-start' },
});
