import { roles, type Role } from '@omtel/core/roles';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useInviteMutation } from '../../../store/doorApi';
import { useKitchen } from '../../../store/useKitchen';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { CodeDrawing } from '../../../ui/code/CodeDrawing';
import { space } from '../../../ui/tokens';
import { Heading, Words } from '../../../ui/Words';
import { Refused } from '../Refused';
import { ROLE_WORDS, whenWords } from './words';

const SIDE = 240;
const OWN_MACHINE = new Set(['localhost', '127.0.0.1', '[::1]']);

/** The address an invitation is. Its key stands behind the #, which is sent to no server and stands in no record. */
const addressOf = (key: string): string => `${window.location.origin}/welcome?way=join#${key}`;

/** Asks somebody in: a code to be read with their phone, and the same as a link. */
export function Invite() {
  const { now, zone } = useKitchen();
  const [role, setRole] = useState<Role>('helper');
  const [invite, { data, isLoading, error, reset }] = useInviteMutation();
  if (data)
    return (
      <View style={styles.group}>
        <Heading>Their invitation</Heading>
        <View role="img" aria-label="The invitation as a code to be read with a phone" style={styles.start}>
          <CodeDrawing text={addressOf(data.key)} side={SIDE} />
        </View>
        <Words selectable>{addressOf(data.key)}</Words>
        <Words tone="soft">
          {`It lets one in, once, until ${whenWords(data.until, now, zone)}, and is shown only now.`}
        </Words>
        {OWN_MACHINE.has(window.location.hostname) && (
          <Words tone="soft">
            This page is open by an address that leads to this device alone. For another one, open Omtel by
            the name this machine has in your home, and invite from there.
          </Words>
        )}
        <View style={styles.acts}>
          <Button label="Copy the link" onPress={() => navigator.clipboard?.writeText(addressOf(data.key))} />
          <Button kind="plain" label="Done" onPress={reset} />
        </View>
      </View>
    );
  return (
    <View style={styles.group}>
      <Heading>Invite somebody</Heading>
      <Choice
        label="As a"
        value={role}
        onChange={setRole}
        options={roles.toReversed().map((value) => ({ value, label: ROLE_WORDS[value].name }))}
      />
      <Words tone="soft">{ROLE_WORDS[role].they}</Words>
      <Refused error={error} />
      <Button label="Make an invitation" busy={isLoading} onPress={() => invite(role)} />
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.m },
  start: { alignSelf: 'flex-start' },
  acts: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m },
});
