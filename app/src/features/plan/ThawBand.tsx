import { thawAssumptions, thawedAtC, type ThawPlace } from '@omtel/core/forecast';
import type { Jobs, Subject } from '@omtel/core/jobs';
import { foodById } from '@omtel/core/foods';
import type { Span } from '@omtel/core/guidance';
import { METHOD_WORDS } from '@omtel/core/plan';
import { SECOND_MS, toCelsius } from '@omtel/core/units';
import { memo } from 'react';
import { View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Choice } from '../../ui/Choice';
import { coreBand } from '../../ui/trail/coreBand';
import { ForecastDrawing } from '../../ui/trail/ForecastDrawing';
import { Heading, Words } from '../../ui/Words';
import { Assumptions, type TweakDraft } from '../forecast';

interface ThawBandProps {
  readonly place: ThawPlace;
  /** Another place is asked for; left out where the place is settled. */
  readonly onPlace?: (place: ThawPlace) => void;
  /** The rule's window there. */
  readonly ruleThaw: Span;
  /** How it thaws there, once it is computed. */
  readonly answer: Jobs['thaw']['answer'] | null;
  readonly subject: Subject;
  readonly tweaks: TweakDraft;
  readonly onTweaks: (tweaks: TweakDraft) => void;
}

const PLACES: ThawPlace[] = ['refrigerator', 'coldWater'];
const ROOM_AFTER = 1.05;

/** The rule's window and the computed band on one drawing: the marks are the rule's, the field is heat transfer's. */
export function ThawBand({ place, onPlace, ruleThaw, answer, subject, tweaks, onTweaks }: ThawBandProps) {
  const { units, rules } = useKitchen();
  if (!answer && !onPlace) return null;
  const food = foodById(subject.foodKey);
  return (
    <View>
      <Heading>How it thaws</Heading>
      {onPlace && (
        <Choice
          label="Where it thaws"
          quiet
          value={place}
          onChange={onPlace}
          options={PLACES.map((value) => ({ value, label: METHOD_WORDS[value] }))}
        />
      )}
      {answer && (
        <ThawDrawing
          foodKey={subject.foodKey}
          ruleFastMs={ruleThaw.fastMs}
          ruleSlowMs={ruleThaw.slowMs}
          answer={answer}
        />
      )}
      <Words size="small" tone="soft">
        The upright marks are the rule of thumb, from its fast to its slow end.
      </Words>
      <Assumptions
        tweaks={tweaks}
        onChange={onTweaks}
        items={thawAssumptions(
          { ...subject, food, place, startC: toCelsius(rules.bands.freezer.value.at) },
          units,
        )}
      />
    </View>
  );
}

interface ThawDrawingProps {
  readonly foodKey: string;
  readonly ruleFastMs: number;
  readonly ruleSlowMs: number;
  readonly answer: Jobs['thaw']['answer'];
}

/** Drawn once for each answer: what is asked next does not wait for the drawing of what was. */
const ThawDrawing = memo(function ThawDrawing({ foodKey, ruleFastMs, ruleSlowMs, answer }: ThawDrawingProps) {
  const { units, rules } = useKitchen();
  const food = foodById(foodKey);
  return (
    <ForecastDrawing
      name={`Thawing of ${food.name}`}
      untilS={(Math.max(ruleSlowMs, answer.slowMs) / SECOND_MS) * ROOM_AFTER}
      curves={[
        coreBand('middle, slow end', answer.slow, answer),
        {
          label: 'middle, fast end',
          timeS: answer.fast.timeS,
          temperatureC: answer.fast.coreC,
          dashed: true,
        },
      ]}
      marks={[ruleFastMs, ruleSlowMs].map((ms) => ({ atS: ms / SECOND_MS, temperatureC: thawedAtC(food) }))}
      rules={rules}
      units={units}
    />
  );
});
