import type { Guidance } from '@omtel/core/guidance';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../../ui/Choice';
import { SCHOOL_OPTIONS } from '../../ui/schools';
import { SwitchRow } from '../../ui/SwitchRow';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';

interface GuidanceFieldsProps {
  readonly guidance: Guidance;
  readonly onChange: (guidance: Guidance) => void;
}

const WHO: Record<Guidance['school'], string> = {
  home: 'Consumer advice for home kitchens. The strictest on time, the plainest to follow.',
  code: 'For cooks who trained in a service kitchen: more time, and readings while food cools.',
  chain: 'Celsius, held temperatures, and 2 hours to chill, 4 to eat.',
};

/** Which guidance the household follows, and whether somebody who eats here needs extra care. */
export function GuidanceFields({ guidance, onChange }: GuidanceFieldsProps) {
  return (
    <View style={styles.group}>
      <Heading>Guidance</Heading>
      <Choice
        label="School"
        value={guidance.school}
        onChange={(school) => onChange({ ...guidance, school })}
        options={SCHOOL_OPTIONS}
      />
      <Words tone="soft">{WHO[guidance.school]}</Words>
      <SwitchRow
        label="Extra care"
        detail="Pregnancy, under 5, 65 or over, weakened immunity: the strictest of all schools, and more."
        value={guidance.extraCare}
        onChange={(extraCare) => onChange({ ...guidance, extraCare })}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.m },
});
