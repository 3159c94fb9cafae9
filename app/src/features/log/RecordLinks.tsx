import { StyleSheet, View } from 'react-native';
import { useMay } from '../../store/useMay';
import { PageLink } from '../../ui/PageLink';
import { REACH, space } from '../../ui/tokens';
import { Words } from '../../ui/Words';

const RECORDS = [
  ['/record/refrigerator', 'Refrigerator’s record'],
  ['/record/freezer', 'Freezer’s record'],
] as const;
const INSTRUMENTS = [
  ['/thermometers', 'Thermometers'],
  ['/devices', 'Devices'],
] as const;
const ALL = [
  ['/looking-back', 'Looking back'],
  ['/yours', 'Yours to take'],
] as const;

/** What else is on record: the air of the stores, and what it was read with; all of it looked back on, and as files. */
export function RecordLinks() {
  const mayDecide = useMay('decide');
  return (
    <View style={styles.row}>
      {[...RECORDS, ...(mayDecide ? INSTRUMENTS : []), ...ALL].map(([href, label]) => (
        <PageLink key={href} href={href} style={styles.link}>
          <Words tone="rim" face="strong">
            {label}
          </Words>
        </PageLink>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', columnGap: space.l },
  link: { minHeight: REACH, justifyContent: 'center' },
});
