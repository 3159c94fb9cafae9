import { type GestureResponderEvent, type PressableProps, Pressable } from 'react-native';
import { useGoTo } from './goTo';

/** A new tab or window is the browser's to open. */
const opensElsewhere = (event: object): boolean =>
  ['metaKey', 'ctrlKey', 'shiftKey', 'altKey'].some((key) => key in event && event[key as never]);

interface PageLinkProps extends Omit<PressableProps, 'onPress' | 'role'> {
  readonly href: string;
  /** What opening means where it is not going there: showing it beside the list, lighting up first. */
  readonly onOpen?: (href: string) => void;
}

/** Anything that is pressed to open a page: a true link with its address, by finger, Enter, or into another tab. */
export function PageLink({ href, onOpen, ...rest }: PageLinkProps) {
  const goTo = useGoTo();
  const press = (event: GestureResponderEvent) => {
    if (event.defaultPrevented || opensElsewhere(event)) return;
    event.preventDefault();
    (onOpen ?? goTo)(href);
  };
  // On the web what has an address is an anchor.
  const address: object = { href };
  return <Pressable role="link" onPress={press} {...address} {...rest} />;
}
