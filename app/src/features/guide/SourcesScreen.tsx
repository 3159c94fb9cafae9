import { listRules, rulesOf, schools, sources, type SourceId } from '@omtel/core/guidance';
import { StyleSheet, View } from 'react-native';
import { Rows } from '../../ui/Rows';
import { Screen } from '../../ui/Screen';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { DECIDED } from './decided';

const STATED = schools.flatMap((school) => listRules(rulesOf(school)).filter(({ borrowed }) => !borrowed));
const count = (id: string): number => STATED.filter(({ source }) => source === id).length;

/** Every source a rule was taken from, and how many rules came from it. */
export function SourcesScreen() {
  return (
    <Screen title="Sources" subtitle="Where every number comes from" backTo="/guide" rules>
      <Rows>
        {(Object.keys(sources) as SourceId[]).map((id) => (
          <View key={id}>
            <Words face="strong">{sources[id].title}</Words>
            <Words tone="soft">{sources[id].publisher}</Words>
            <Words size="small" tone="soft" tabular>{`${count(id)} rules`}</Words>
          </View>
        ))}
      </Rows>
      <Words tone="soft">
        Local food-safety authority and medical advice come first. Values stand in the unit their source
        states.
      </Words>
      <Words>
        Omtel starts with the home chart: it asks for no thermometer log, and is the strictest on time.
        Another school is chosen under Household, or for one food on its page.
      </Words>
      <Rows title="What Omtel decided where advice is silent">
        {DECIDED.map((said, i) => (
          <View key={said} style={styles.decided}>
            <Words tone="soft" tabular style={styles.number}>
              {String(i + 1)}
            </Words>
            <Words style={styles.said}>{said}</Words>
          </View>
        ))}
      </Rows>
    </Screen>
  );
}

const styles = StyleSheet.create({
  decided: { flexDirection: 'row', gap: space.m },
  number: { minWidth: 24, textAlign: 'right' },
  said: { flex: 1 },
});
