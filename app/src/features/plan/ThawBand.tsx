import { thawAssumptions, thawedAtC, type ThawPlace } from '@omtel/core/forecast';
import type { Subject, ThawAnswer } from '@omtel/core/jobs';
import { foodById } from '@omtel/core/foods';
import type { Span } from '@omtel/core/guidance';
import { METHOD_WORDS } from '@omtel/core/plan';
import { SECOND_MS, toCelsius } from '@omtel/core/units';
import { useState } from 'react';
import { View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Choice } from '../../ui/Choice';
import { coreBand } from '../../ui/trail/coreBand';
import { ForecastDrawing } from '../../ui/trail/ForecastDrawing';
import { Heading, Words } from '../../ui/Words';
import { Assumptions, type TweakDraft } from '../forecast';

interface ThawBandProps {
  /** The rule's window for each place that is shown. */
  readonly ruleThaw: Partial<Record<ThawPlace, Span>>;
  readonly answer: ThawAnswer;
  readonly subject: Subject;
  readonly tweaks: TweakDraft;
  readonly onTweaks: (tweaks: TweakDraft) => void;
}

const PLACES: ThawPlace[] = ['refrigerator', 'coldWater'];
const ROOM_AFTER = 1.05;

/** The rule's window and the computed band on one drawing: the marks are the rule's, the field is heat transfer's. */
export function ThawBand({ ruleThaw, answer, subject, tweaks, onTweaks }: ThawBandProps) {
  const { units, rules } = useKitchen();
  const places = PLACES.filter((value) => ruleThaw[value]);
  const [chosen, setPlace] = useState<ThawPlace>('refrigerator');
  const place = places.includes(chosen) ? chosen : places[0];
  if (!place) return null;
  const food = foodById(subject.foodKey);
  const { slow, fast } = answer[place];
  const goalC = thawedAtC(food);
  const { fastMs, slowMs } = ruleThaw[place]!;
  const untilS = (Math.max(slowMs, answer[place].slowMs) / SECOND_MS) * ROOM_AFTER;
  return (
    <View>
      <Heading>How it thaws</Heading>
      {places.length > 1 && (
        <Choice
          label="Where it thaws"
          quiet
          value={place}
          onChange={setPlace}
          options={places.map((value) => ({ value, label: METHOD_WORDS[value] }))}
        />
      )}
      <ForecastDrawing
        name={`Thawing of ${food.name}`}
        untilS={untilS}
        curves={[
          coreBand('middle, slow end', slow, { slow, fast }),
          { label: 'middle, fast end', timeS: fast.timeS, temperatureC: fast.coreC, dashed: true },
        ]}
        marks={[fastMs, slowMs].map((ms) => ({ atS: ms / SECOND_MS, temperatureC: goalC }))}
        rules={rules}
        units={units}
      />
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
