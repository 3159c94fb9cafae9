import { useRouter } from 'expo-router';
import { useEffect, useEffectEvent } from 'react';
import { ShortcutSheet } from './ShortcutSheet';
import { areOn, keyMeant, SHORTCUTS } from './shortcutKeys';

interface ShortcutsProps {
  /** The list of them is open. */
  readonly shown: boolean;
  readonly onShow: (shown: boolean) => void;
}

/** Acts on single keys, while nothing is typed; “?” shows which. */
export function Shortcuts({ shown, onShow }: ShortcutsProps) {
  const router = useRouter();
  const pressed = useEffectEvent((event: KeyboardEvent) => {
    const meant = shown ? null : keyMeant(event);
    if (meant === '?') return onShow(true);
    const shortcut = areOn() && SHORTCUTS.find(({ key }) => key === meant);
    if (!shortcut) return;
    event.preventDefault();
    if ('page' in shortcut) router.push(shortcut.page as never);
    else document.querySelector<HTMLElement>(shortcut.focuses)?.focus();
  });
  useEffect(() => {
    const heard = (event: KeyboardEvent) => pressed(event);
    document.addEventListener('keydown', heard);
    return () => document.removeEventListener('keydown', heard);
  }, []);
  return shown ? <ShortcutSheet onClose={() => onShow(false)} /> : null;
}
