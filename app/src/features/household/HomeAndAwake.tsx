import type { Settings } from '@omtel/core/api';
import { StyleSheet, View } from 'react-native';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { DayHours } from './DayHours';

interface HomeAndAwakeProps {
  readonly availability: Settings['availability'];
  readonly onChange: (availability: Settings['availability']) => void;
}

/** When somebody is home and awake; plans start nothing outside it. */
export function HomeAndAwake({ availability, onChange }: HomeAndAwakeProps) {
  return (
    <View style={styles.group}>
      <Heading>Home and awake</Heading>
      <Words tone="soft">Plans start nothing while you are out or asleep.</Words>
      <DayHours availability={availability} onChange={onChange} />
    </View>
  );
}

const styles = StyleSheet.create({ group: { gap: space.m } });
