import { listRules, rulesOf, schools, sources, type SourceId } from '@omtel/core/guidance';
import { View } from 'react-native';
import { Rows } from '../../ui/Rows';
import { Screen } from '../../ui/Screen';
import { Words } from '../../ui/Words';

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
    </Screen>
  );
}
