import type { Members as MembersJson } from '@omtel/core/door';
import { roles } from '@omtel/core/roles';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import {
  useChangeRoleMutation,
  useMembersQuery,
  useRemovePersonMutation,
  useTakeInvitationBackMutation,
} from '../../../store/doorApi';
import { useKitchen } from '../../../store/useKitchen';
import { useMay } from '../../../store/useMay';
import { Button } from '../../../ui/Button';
import { Rows } from '../../../ui/Rows';
import { space } from '../../../ui/tokens';
import { Until } from '../../../ui/Until';
import { Words } from '../../../ui/Words';
import { Refused } from '../Refused';
import { Invite } from './Invite';
import { ROLE_WORDS, whenWords } from './words';

/** Who belongs to the kitchen, and who is invited; cooks say what each may, and take somebody out. */
export function Members() {
  const query = useMembersQuery(undefined, { refetchOnMountOrArgChange: true });
  const { data } = query;
  const mayChange = useMay('people');
  const [changeRole, { error: notChanged }] = useChangeRoleMutation();
  const [remove, { error: notRemoved }] = useRemovePersonMutation();
  if (!data) return <Until what="who belongs here" query={query} />;
  return (
    <View style={styles.group}>
      <Rows title="Who belongs here">
        {data.people.map((person) => (
          <Member
            key={person.id}
            person={person}
            mayChange={mayChange && !person.me}
            onRole={(role) => changeRole({ id: person.id, role })}
            onRemove={() => remove(person.id)}
          />
        ))}
      </Rows>
      <Refused error={notChanged ?? notRemoved} />
      {mayChange && <Invitations invitations={data.invitations} />}
      {mayChange && <Invite />}
    </View>
  );
}

type Person = MembersJson['people'][number];

interface MemberProps {
  readonly person: Person;
  readonly mayChange: boolean;
  readonly onRole: (role: Person['role']) => unknown;
  readonly onRemove: () => unknown;
}

function Member({ person: { name, role, me }, mayChange, onRole, onRemove }: MemberProps) {
  const [asks, setAsks] = useState(false);
  const other = roles.find((each) => each !== role)!;
  return (
    <View style={styles.member}>
      <Words face="strong">{name}</Words>
      <Words size="small" tone="soft">
        {me ? `${ROLE_WORDS[role].name}, and this is you` : ROLE_WORDS[role].name}
      </Words>
      {mayChange && !asks && (
        <View style={styles.acts}>
          <Button
            kind="plain"
            label={`Make a ${other}`}
            name={`Make ${name} a ${other}`}
            onPress={() => onRole(other)}
          />
          <Button
            kind="plain"
            label="Take out"
            name={`Take ${name} out of this kitchen`}
            onPress={() => setAsks(true)}
          />
        </View>
      )}
      {asks && (
        <View role="alert" style={styles.group}>
          <Words>{`${name} will be signed out everywhere, and needs an invitation to come back. What they noted stays.`}</Words>
          <View style={styles.acts}>
            <Button kind="main" label={`Take ${name} out`} onPress={onRemove} />
            <Button label="No" onPress={() => setAsks(false)} />
          </View>
        </View>
      )}
    </View>
  );
}

/** The invitations nobody has come by yet. */
function Invitations({ invitations }: { readonly invitations: MembersJson['invitations'] }) {
  const { now, zone } = useKitchen();
  const [takeBack, { error }] = useTakeInvitationBackMutation();
  if (invitations.length === 0) return null;
  return (
    <>
      <Rows title="Invited">
        {invitations.map(({ id, by, role, until }) => (
          <View key={id} style={styles.line}>
            <View style={styles.grow}>
              <Words>{`A ${role}, by ${by}`}</Words>
              <Words size="small" tone="soft">{`Open until ${whenWords(until, now, zone)}`}</Words>
            </View>
            <Button
              kind="plain"
              label="Take back"
              name={`Take back the invitation for a ${role}`}
              onPress={() => takeBack(id)}
            />
          </View>
        ))}
      </Rows>
      <Refused error={error} />
    </>
  );
}

const styles = StyleSheet.create({
  group: { gap: space.m },
  member: { gap: space.xs },
  acts: { flexDirection: 'row', flexWrap: 'wrap', columnGap: space.l },
  line: { flexDirection: 'row', alignItems: 'center', gap: space.m },
  grow: { flex: 1 },
});
