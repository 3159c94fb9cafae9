import { StyleSheet, View } from 'react-native';
import { Button } from '../../ui/Button';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { DoorPage } from './DoorPage';

interface RecoveryCodesProps {
  readonly household: string;
  readonly person: string;
  readonly codes: readonly string[];
  readonly onKept: () => unknown;
}

/** The codes that open the door once each, shown this one time, as a page to print. */
export function RecoveryCodes({ household, person, codes, onKept }: RecoveryCodesProps) {
  return (
    <DoorPage
      title="Keep these codes"
      lead={`They let ${person} into ${household} should the passphrase be lost, each once. They are shown only now.`}
    >
      <View style={styles.codes} role="list">
        {codes.map((code) => (
          <View key={code} role="listitem" style={styles.code}>
            <Words size="lead" face="strong" tabular>
              {code}
            </Words>
          </View>
        ))}
      </View>
      <Words tone="soft">On paper, away from the phone: with the spare key, say.</Words>
      <Button label="Print them" onPress={() => globalThis.print()} />
      <Button kind="main" label="I have kept them" onPress={onKept} />
    </DoorPage>
  );
}

const styles = StyleSheet.create({
  codes: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m },
  code: { flexBasis: 220, flexGrow: 1 },
});
