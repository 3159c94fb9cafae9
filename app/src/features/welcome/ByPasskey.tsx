import { useState } from 'react';
import { useAskPasskeyMutation, useSignInByPasskeyMutation } from '../../store/doorApi';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/Words';
import { canHold, signed } from './passkey';
import { Refused } from './Refused';
import { useComeIn } from './useComeIn';

/** Coming in by a passkey: the device says whose it is. */
export function ByPasskey() {
  const comeIn = useComeIn();
  const [problem, setProblem] = useState<string | null>(null);
  const [ask, { isLoading: asking, error: notAsked }] = useAskPasskeyMutation();
  const [signIn, { isLoading: coming, error: notIn }] = useSignInByPasskeyMutation();
  if (!canHold()) return null;
  const enter = async () => {
    setProblem(null);
    const { data: optionsJSON } = await ask();
    if (!optionsJSON) return;
    const { startAuthentication } = await import('@simplewebauthn/browser');
    const { answer, problem: waved } = await signed(() => startAuthentication({ optionsJSON }));
    if (!answer) return setProblem(waved);
    const { data: household } = await signIn(answer);
    if (household) await comeIn(household);
  };
  return (
    <>
      {problem && <Words tone="hot">{problem}</Words>}
      <Refused error={notAsked ?? notIn} />
      <Button label="Come in by a passkey" busy={asking || coming} onPress={enter} />
    </>
  );
}
