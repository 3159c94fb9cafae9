import { useState } from 'react';
import { allowedHere, askToShow, subscribe, unsubscribe, type Allowed } from '../../reminding/device';
import { sentenceOf } from '../../store/problem';
import {
  usePushKeyQuery,
  useRemindHereMutation,
  useRemindHereNoMoreMutation,
  useTryReminderMutation,
} from '../../store/pushApi';

/** How this device is reminded when Omtel is not before somebody's eyes. */
export interface ThisDevice {
  readonly allowed: Allowed;
  /** It is reminded. */
  readonly on: boolean;
  readonly busy: boolean;
  /** What went wrong, or well. */
  readonly said: string | null;
  switchOn(): Promise<void>;
  switchOff(): Promise<void>;
  tryIt(): Promise<void>;
}

const NOT_SHOWN = 'Nothing reached this device. Switch it off and on again.';

export function useThisDevice(): ThisDevice {
  const [allowed, setAllowed] = useState(allowedHere);
  const [said, setSaid] = useState<string | null>(null);
  const [subscribing, setSubscribing] = useState(false);
  const { data, isLoading } = usePushKeyQuery(undefined, { skip: allowed === 'cannot' });
  const [remindHere] = useRemindHereMutation();
  const [noMore] = useRemindHereNoMoreMutation();
  const [tryReminder, trying] = useTryReminderMutation();
  const switchOn = async () => {
    setSaid(null);
    const may = await askToShow();
    setAllowed(may);
    if (may !== 'granted') return;
    if (!data) return setSaid('The kitchen’s server cannot be reached now. Try again when it can.');
    setSubscribing(true);
    try {
      const told = await remindHere(await subscribe(data));
      if (told.error) setSaid(sentenceOf(told.error));
    } catch {
      setSaid('This browser has no way to be reminded while Omtel is closed. It rings while a page is open.');
    } finally {
      setSubscribing(false);
    }
  };
  const switchOff = async () => {
    setSaid(null);
    const told = await noMore();
    if (told.error) setSaid(sentenceOf(told.error));
    else await unsubscribe();
  };
  const tryIt = async () => {
    const told = await tryReminder();
    setSaid(told.error ? sentenceOf(told.error) : told.data.arrived ? 'It is on its way.' : NOT_SHOWN);
  };
  return {
    allowed,
    on: allowed === 'granted' && data?.here === true,
    busy: isLoading || subscribing || trying.isLoading,
    said,
    switchOn,
    switchOff,
    tryIt,
  };
}
