import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { FileLink } from '../../ui/FileLink';
import { PageLink } from '../../ui/PageLink';
import { Rows } from '../../ui/Rows';
import { Screen } from '../../ui/Screen';
import { Empty } from '../../ui/states';
import { REACH, space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { standingWords } from '@omtel/core/thermometers';
import { ThermometerForm } from './ThermometerForm';
import { useKept } from './useKept';
import { useThermometers } from './useThermometers';

/** The household's thermometers, and how far each is to be trusted today. */
export function ThermometersScreen() {
  const { now, zone, units } = useKitchen();
  const { all, add } = useThermometers();
  const router = useRouter();
  const { kept, problem } = useKept();
  const [adding, setAdding] = useState(false);
  return (
    <Screen
      title="Thermometers"
      subtitle="Worth what their last check was worth"
      backTo="/household"
      foot={!adding && <Button kind="main" grow label="Add a thermometer" onPress={() => setAdding(true)} />}
    >
      {adding && (
        <ThermometerForm
          others={all}
          onCancel={() => setAdding(false)}
          problem={problem}
          onDone={async (thermometer) => {
            if (!(await kept(() => add(thermometer)))) return;
            router.push(`/thermometers/${thermometer.id}` as never);
            setAdding(false);
          }}
        />
      )}
      {!adding && all.length === 0 && (
        <Empty title="None yet">
          Readings are taken as they are, and may be off by more than one thinks. With a name and a check each
          is corrected by what it is off by.
        </Empty>
      )}
      <Rows>
        {all.map(({ id, name, livesIn, standing }) => (
          <PageLink key={id} href={`/thermometers/${id}`} style={styles.line}>
            <View style={styles.head}>
              <Words size="lead">{name}</Words>
              <Words tone="soft">{livesIn}</Words>
            </View>
            <Words tone={standing.is === 'inOrder' && now <= standing.dueAt ? 'soft' : 'hot'}>
              {standingWords(standing, { now, zone, units })}
            </Words>
          </PageLink>
        ))}
      </Rows>
      {all.length > 0 && (
        <View style={styles.files}>
          <FileLink href="/api/household/checks.csv" label="All checks as CSV" />
          <FileLink href="/api/household/checks.json" label="As JSON" />
        </View>
      )}
    </Screen>
  );
}

const styles = StyleSheet.create({
  line: { minHeight: REACH, gap: space.xs },
  files: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m },
  head: { flexDirection: 'row', justifyContent: 'space-between', gap: space.m },
});
