import type { Taken } from '@omtel/core/portable';
import { useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { api } from '../../store/api';
import { useAppDispatch } from '../../store/store';
import { useHousehold } from '../../store/useKitchen';
import { useMay } from '../../store/useMay';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { FileLink } from '../../ui/FileLink';
import { pickFile } from '../../ui/pickFile';
import { Progress } from '../../ui/Progress';
import { Screen } from '../../ui/Screen';
import { space } from '../../ui/tokens';
import { Heading, Words } from '../../ui/Words';
import { takeIn } from './takeIn';
import { takenWords } from './takenWords';

/** All that was recorded is its household's: out as files, and in again, here or anywhere Omtel runs. */
export function YoursScreen() {
  const mayDecide = useMay('decide');
  return (
    <Screen title="Yours to take" subtitle="Everything recorded here, as files" backTo="/log">
      {mayDecide && (
        <View style={styles.group}>
          <Heading>As one file</Heading>
          <Words tone="soft">
            Foods and all that happened to them, meals, readings, devices, settings. What opens the door, and
            the keys of devices and of the calendar, stay here.
          </Words>
          <FileLink href="/api/household/omtel.json" label="Everything, as one file" />
        </View>
      )}
      <View style={styles.group}>
        <Heading>As tables</Heading>
        <FileLink href="/api/household/foods.csv" label="Foods at hand" />
        <FileLink href="/api/household/events.csv" label="All that happened" />
        <FileLink href="/api/stores/readings.csv" label="What the stores read" />
        <FileLink href="/api/household/checks.csv" label="Checks of thermometers" />
      </View>
      {mayDecide && <FromFile />}
    </Screen>
  );
}

interface Under {
  readonly what: string;
  readonly share: number;
}

/** A household’s file comes in: it is tried first, and says what it would do. */
function FromFile() {
  const { id: householdId } = useHousehold();
  const dispatch = useAppDispatch();
  const [picked, setPicked] = useState<File | null>(null);
  const [settings, setSettings] = useState(false);
  const [under, setUnder] = useState<Under | null>(null);
  const [outcome, setOutcome] = useState<{ taken: Taken } | { problem: string } | null>(null);
  const giveUp = useRef<AbortController | null>(null);

  const run = async (file: File, dry: boolean, withSettings: boolean) => {
    const stop = new AbortController();
    giveUp.current = stop;
    setOutcome(null);
    setUnder({ what: 'The file is sent', share: 0 });
    const onProgress = (what: string, share: number) => setUnder({ what, share });
    const asked = { file, householdId, dry, settings: withSettings, signal: stop.signal, onProgress };
    const came = await takeIn(asked);
    setUnder(null);
    setOutcome(came);
    if ('taken' in came && !dry) {
      setPicked(null);
      dispatch(api.util.invalidateTags(['Household', 'Food', 'Stores', 'Calendar']));
    }
  };
  const open = async () => {
    const file = await pickFile('application/json,.json');
    if (!file) return;
    setPicked(file);
    await run(file, true, settings);
  };
  const choose = (next: boolean) => {
    setSettings(next);
    if (picked) void run(picked, true, next);
  };
  const tried = outcome && 'taken' in outcome && outcome.taken.dry;
  return (
    <View style={styles.group}>
      <Heading>From a file</Heading>
      <Words tone="soft">
        A file of a household, of this one or another, comes in whole or not at all. What is here already
        stays as it is, so the same file again is harmless. It is tried first, and changes nothing then.
      </Words>
      <Choice
        label="Its settings"
        value={settings ? 'take' : 'leave'}
        onChange={(value) => choose(value === 'take')}
        options={[
          { value: 'leave', label: 'Keep ours' },
          { value: 'take', label: 'Take its' },
        ]}
      />
      {under && <Progress what={under.what} share={under.share} onCancel={() => giveUp.current?.abort()} />}
      <View role="status" style={styles.lines}>
        {picked && tried && <Words face="strong">{picked.name}</Words>}
        {outcome &&
          'taken' in outcome &&
          takenWords(outcome.taken).map((line) => <Words key={line}>{line}</Words>)}
        {outcome && 'problem' in outcome && <Words tone="hot">{outcome.problem}</Words>}
      </View>
      {picked && tried && (
        <Button
          kind="main"
          label="Take it in"
          busy={under !== null}
          onPress={() => run(picked, false, settings)}
        />
      )}
      <Button label={picked ? 'Another file' : 'Choose a file'} busy={under !== null} onPress={open} />
    </View>
  );
}

const styles = StyleSheet.create({ group: { gap: space.s }, lines: { gap: space.xs } });
