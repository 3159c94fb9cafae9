import { useRouter } from 'expo-router';
import { useEffect, useEffectEvent } from 'react';
import { allowedHere, listen, subscribe } from '../../reminding/device';
import { GO_TO, type GoTo } from '../../reminding/notice';
import { usePushKeyQuery, useRemindHereMutation } from '../../store/pushApi';

/** Listens for a device that is reminded, while a page of it is open, and goes where a notification leads that was pressed. */
export function ByPush() {
  useNotificationsFollowed();
  const { data } = usePushKeyQuery(undefined, { skip: allowedHere() !== 'granted' });
  const [remindHere] = useRemindHereMutation();
  const forgotten = useEffectEvent(async () => {
    // The service forgets all when it ends; without a network it is tried again with the next page.
    const subscription = await subscribe(data!).catch(() => null);
    if (subscription) await remindHere(subscription);
  });
  const listens = data?.here === true && !data.outside;
  useEffect(() => (listens ? listen(() => void forgotten()) : undefined), [listens]);
  return null;
}

function useNotificationsFollowed(): void {
  const router = useRouter();
  const go = useEffectEvent(({ data }: MessageEvent<GoTo | null>) => {
    if (data?.type === GO_TO) router.push(data.page as never);
  });
  useEffect(() => {
    const service = 'serviceWorker' in navigator ? navigator.serviceWorker : null;
    const heard = (event: MessageEvent<GoTo | null>) => go(event);
    service?.addEventListener('message', heard);
    return () => service?.removeEventListener('message', heard);
  }, []);
}
