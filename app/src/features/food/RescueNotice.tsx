import { METHOD_WORDS, methodWindow, rescueOf, type MethodPlan } from '@omtel/core/plan';
import { moment } from '@omtel/core/time';
import { judge } from '@omtel/core/judge';
import type { FoodState } from '@omtel/core/trail';
import { formatDurationUp } from '@omtel/core/units';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Words } from '../../ui/Words';
import { useRecord } from './useAct';

/** When a plan can no longer be kept as it is: how late dinner gets, and what still makes it. */
export function RescueNotice({ food }: { readonly food: FoodState }) {
  const kitchen = useKitchen(food);
  const { now, zone, rules, settings } = kitchen;
  const { colors } = useLook();
  const recordNow = useRecord();
  // What must not be eaten is not rescued.
  if (judge(food, kitchen)?.verdict === 'discard') return null;
  const rescue = rescueOf(food, { now, zone, rules, availability: settings.availability });
  if (!rescue || !food.plan) return null;
  const { plan } = food;

  const change = ({ method, window }: MethodPlan) =>
    void recordNow(food, `now by ${METHOD_WORDS[method].toLowerCase()}`, 'planned', {
      ...plan,
      method,
      startFrom: window!.from,
      startBy: window!.to,
    });
  const later = () =>
    void recordNow(food, `dinner moved to ${moment(rescue.serveAt, now, zone)}`, 'planned', {
      ...plan,
      serveAt: Math.round(rescue.serveAt),
      startBy: Math.max(plan.startBy, Math.round(now)),
    });

  return (
    <View style={[styles.notice, { borderLeftColor: colors.hot }]} role="alert">
      <Words face="strong">
        {`Too late as planned: dinner would be ${moment(rescue.serveAt, now, zone)}, ${formatDurationUp(rescue.lateMs)} late.`}
      </Words>
      {rescue.ways.map((way) => (
        <View key={way.method} style={styles.way}>
          <Words
            style={styles.words}
          >{`${METHOD_WORDS[way.method]} still makes ${moment(plan.serveAt, now, zone)}. ${methodWindow(way, now, zone)}.`}</Words>
          <Button label={`Switch to ${METHOD_WORDS[way.method].toLowerCase()}`} onPress={() => change(way)} />
        </View>
      ))}
      <Button kind="plain" label={`Eat later, ${moment(rescue.serveAt, now, zone)}`} onPress={later} />
    </View>
  );
}

const styles = StyleSheet.create({
  notice: {
    borderLeftWidth: 4,
    paddingLeft: space.m,
    gap: space.s,
    marginVertical: space.s,
    alignItems: 'flex-start',
  },
  way: { gap: space.s, alignItems: 'flex-start' },
  words: { flexShrink: 1 },
});
