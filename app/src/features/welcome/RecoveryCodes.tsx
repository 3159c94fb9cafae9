import { Button } from '../../ui/Button';
import { Words } from '../../ui/Words';
import { CodeList } from './CodeList';
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
      <CodeList codes={codes} />
      <Words tone="soft">On paper, away from the phone: with the spare key, say.</Words>
      <Button label="Print them" onPress={() => globalThis.print()} />
      <Button kind="main" label="I have kept them" onPress={onKept} />
    </DoorPage>
  );
}
