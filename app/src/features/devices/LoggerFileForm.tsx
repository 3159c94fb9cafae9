import type { RefusedLine } from '@omtel/core/devices';
import type { Columns, LoggerFile, TimeFormat } from '@omtel/core/formats';
import { isZone } from '@omtel/core/time';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useRememberColumnsMutation, useSendFileOfDeviceMutation } from '../../store/devicesApi';
import { sentenceOf } from '../../store/problem';
import { useKitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { space } from '../../ui/tokens';
import { pickFile } from '../../ui/pickFile';
import { Heading, Words } from '../../ui/Words';

interface LoggerFileFormProps {
  readonly id: string;
  /** How the last file was read. */
  readonly remembered: Columns | null;
  /** The channel what it read is kept under. */
  readonly channel: string;
}

const FORMATS: readonly { readonly value: TimeFormat; readonly label: string }[] = [
  { value: 'iso', label: '2026-06-13 17:02' },
  { value: 'dayDot', label: '13.06.2026 17:02' },
  { value: 'daySlash', label: '13/06/2026 17:02' },
  { value: 'monthSlash', label: '06/13/2026 17:02' },
  { value: 'seconds', label: 'Seconds since 1970' },
  { value: 'milliseconds', label: 'Milliseconds since 1970' },
];

/** As many lines as the address takes at once, and less than it takes in one piece. */
const AT_ONCE = 4000;
const LONGEST_ZONE = 60;

interface Opened {
  readonly name: string;
  readonly file: LoggerFile;
}

/** A logger's file: which columns are its time and its value, said once and remembered; then its readings are taken in. */
export function LoggerFileForm({ id, remembered, channel }: LoggerFileFormProps) {
  const { zone } = useKitchen();
  const [send] = useSendFileOfDeviceMutation();
  const [remember] = useRememberColumnsMutation();
  const [opened, setOpened] = useState<Opened | null>(null);
  const [columns, setColumns] = useState<Partial<Columns>>({});
  const [said, setSaid] = useState<string>();
  const [refused, setRefused] = useState<readonly RefusedLine[]>([]);
  const [busy, setBusy] = useState(false);
  const set = (patch: Partial<Columns>) => setColumns({ ...columns, ...patch });

  const open = async () => {
    const picked = await pickFile('.csv,.txt,.tsv,text/csv,text/plain');
    if (!picked) return;
    setRefused([]);
    const { likelyColumns, LoggerFileProblem, readLoggerFile } = await import('@omtel/core/formats');
    try {
      const file = readLoggerFile(await picked.text());
      const fits =
        remembered && [remembered.time, remembered.value].every((name) => file.columns.includes(name));
      setColumns(fits ? remembered : likelyColumns(file, zone));
      setOpened({ name: picked.name, file });
      setSaid(undefined);
    } catch (problem) {
      if (!(problem instanceof LoggerFileProblem)) throw problem;
      setSaid(problem.message);
    }
  };

  const takeIn = async () => {
    setBusy(true);
    try {
      const { columnsSchema, linesOf, readingsOf } = await import('@omtel/core/formats');
      const whole = columnsSchema.parse(columns);
      const { readings, refused: unreadable, unread } = readingsOf(opened!.file, whole, channel);
      await remember({ id, columns: whole }).unwrap();
      let taken = 0;
      const notTaken: RefusedLine[] = [];
      for (let from = 0; from < readings.length; from += AT_ONCE) {
        const lines = linesOf(
          readings.slice(from, from + AT_ONCE).map(({ row: _row, ...reading }) => reading),
        );
        const answer = await send({ id, lines }).unwrap();
        taken += answer.taken;
        notTaken.push(
          ...answer.refused.map(({ line, sentence }) => ({ line: readings[from + line - 1]!.row, sentence })),
        );
        setSaid(`${taken} of ${readings.length} readings taken in …`);
      }
      setRefused([...unreadable, ...notTaken].slice(0, SHOWN));
      const left = unread + notTaken.length;
      setSaid(`${taken} readings were taken in${left ? `, ${left} rows could not be read` : ''}.`);
      setOpened(null);
    } catch (error) {
      setSaid(sentenceOf(error as never));
    } finally {
      setBusy(false);
    }
  };

  const column = (label: string, field: 'time' | 'value') => (
    <Choice
      label={label}
      value={columns[field] ?? null}
      onChange={(name) => set({ [field]: name })}
      options={opened!.file.columns.map((name) => ({ value: name, label: name }))}
    />
  );
  const whole =
    columns.time &&
    columns.value &&
    columns.time !== columns.value &&
    columns.unit &&
    columns.format &&
    isZone(columns.zone ?? '');
  return (
    <View style={styles.group}>
      <Heading small>From a file</Heading>
      {!opened && (
        <Words tone="soft">
          What a logger wrote, as a table of values between commas, semicolons or tabs. The same file again is
          harmless.
        </Words>
      )}
      {opened && (
        <>
          <Words>{`${opened.name}: ${opened.file.rows.length} rows`}</Words>
          {column('The time stands in', 'time')}
          <Choice
            label={`It is written as (first row: ${opened.file.rows[0]?.[columns.time ?? ''] ?? 'none'})`}
            value={columns.format ?? null}
            onChange={(format) => set({ format })}
            options={FORMATS}
          />
          <Field
            label="Its clock keeps the time of"
            value={columns.zone ?? ''}
            onChange={(text) => set({ zone: text })}
            most={LONGEST_ZONE}
            problem={isZone(columns.zone ?? '') ? undefined : 'A zone such as Europe/Lisbon, or UTC.'}
          />
          {column('The temperature stands in', 'value')}
          <Choice
            label="In"
            value={columns.unit ?? null}
            onChange={(unit) => set({ unit })}
            options={[
              { value: 'C', label: '°C' },
              { value: 'F', label: '°F' },
            ]}
          />
        </>
      )}
      {said && (
        <View role="status">
          <Words>{said}</Words>
        </View>
      )}
      {refused.map(({ line, sentence }) => (
        <Words key={`${line}${sentence}`} tone="soft">{`Row ${line}: ${sentence}`}</Words>
      ))}
      <View style={styles.row}>
        {opened && <Button label="Take its readings in" busy={busy} disabled={!whole} onPress={takeIn} />}
        <Button
          kind={opened ? 'plain' : 'other'}
          label={opened ? 'Another file' : 'Open a file'}
          onPress={open}
        />
      </View>
    </View>
  );
}

/** So many rows that could not be read are told. */
const SHOWN = 8;

const styles = StyleSheet.create({
  group: { gap: space.s },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m, alignItems: 'center' },
});
