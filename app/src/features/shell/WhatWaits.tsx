import { eventWords } from '@omtel/core/record';
import { clockWords } from '@omtel/core/time';
import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useFoodsQuery } from '../../store/api';
import { changeWords, madeAt } from '../../store/outbox/changeWords';
import { allWaiting, type Waiting } from '../../store/outbox/drawer';
import { householdAt, useKitchen } from '../../store/useKitchen';
import { Rows } from '../../ui/Rows';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { nameIn } from './nameIn';

/** A long cut of the network fills a drawer; a person reads the beginning of it. */
const MOST_SHOWN = 30;

/** What waits to be sent, in the order it will be. */
export function WhatWaits({ count }: { readonly count: number }) {
  const { household, units, zone } = useKitchen();
  const { data: list } = useFoodsQuery();
  const [waiting, setWaiting] = useState<Waiting | null>(null);
  useEffect(() => {
    let shown = true;
    void allWaiting(household.id).then((all) => shown && setWaiting(all));
    return () => void (shown = false);
  }, [household.id, count]);
  if (!waiting) return null;
  const lines = [
    ...waiting.events.map((event) => ({
      id: event.id,
      at: event.at,
      words: [nameIn(list, event), eventWords(event, { units, zone })].filter(Boolean).join(': '),
    })),
    ...waiting.changes.map((change) => ({
      id: change.id,
      at: householdAt(household, madeAt(change)),
      words: changeWords(change, units),
    })),
  ].sort((a, b) => (a.id < b.id ? -1 : 1));
  return (
    <View style={styles.list}>
      <Rows title="Waits to be sent">
        {lines.slice(0, MOST_SHOWN).map(({ id, at, words }) => (
          <Words key={id} tabular size="small">{`${clockWords(at, zone)}  ${words}`}</Words>
        ))}
        {lines.length > MOST_SHOWN && (
          <Words size="small" tone="soft">{`and ${lines.length - MOST_SHOWN} more`}</Words>
        )}
      </Rows>
    </View>
  );
}

const styles = StyleSheet.create({ list: { paddingHorizontal: space.m, paddingBottom: space.s } });
