import type { AgendaItem } from '@omtel/core/plan';
import { clockWords, dayName, daysBetween } from '@omtel/core/time';
import { formatDuration } from '@omtel/core/units';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Panel } from '../../ui/Panel';
import { RULING_LOOK } from '../../ui/ruling';
import { RulingBadge } from '../../ui/RulingBadge';
import { TextLink } from '../../ui/TextLink';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { NotForThem, RescueNotice, useAct } from '../food';
import { Line } from './Line';

/** The next deadline, as a clock time and as what is left of it, with the one button that records it. */
export function Hero({ item }: { readonly item: AgendaItem }) {
  const { food, at, title, detail, tick, step, action, ruling, beneath } = item;
  const { now, zone } = useKitchen();
  const act = useAct();
  return (
    <Panel edge={RULING_LOOK[ruling.verdict].tone}>
      <TextLink href={`/food/${food.foodId}`} face="strong" style={styles.name}>
        {food.name}
      </TextLink>
      {at === null ? (
        <RulingBadge verdict={ruling.verdict} />
      ) : (
        <View style={styles.time}>
          <Words size="numeral" face="display" tabular>
            {clockWords(at, zone)}
          </Words>
          <Words size="title" face="strong" tone="soft">
            {at >= now
              ? daysBetween(now, at, zone) > 0
                ? `${dayName(at, now, zone)}, in ${formatDuration(at - now)}`
                : formatDuration(at - now)
              : `${formatDuration(now - at)} late`}
          </Words>
        </View>
      )}
      <Heading>{title}</Heading>
      <Words>{detail}</Words>
      <View style={styles.actions}>
        <Button
          kind="main"
          grow
          label={tick || 'Look'}
          name={`${tick || 'Look'}: ${food.name}`}
          onPress={() => act(food, step, action)}
        />
        {step?.kind === 'putAway' || step?.kind === 'read' ? null : food.place === 'heat' ? (
          <Button grow label="Log a reading" onPress={() => act(food, null, 'read')} />
        ) : null}
      </View>
      {beneath && <Line food={food} line={beneath} verdict={ruling.verdict} beneath />}
      <NotForThem food={food} />
      <RescueNotice food={food} />
    </Panel>
  );
}

const styles = StyleSheet.create({
  name: { marginVertical: -space.m },
  time: { flexDirection: 'row', alignItems: 'baseline', flexWrap: 'wrap', gap: space.m },
  actions: { flexDirection: 'row', gap: space.m, marginTop: space.s },
});
