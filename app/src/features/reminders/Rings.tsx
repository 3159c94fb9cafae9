import { toPush, type Reminder } from '@omtel/core/reminders';
import BellRing from 'lucide-react-native/icons/bell-ring';
import { useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { showBySystem } from '../../reminding/device';
import { VIBRATION } from '../../reminding/notice';
import { useKitchen, type Kitchen } from '../../store/useKitchen';
import { Button } from '../../ui/Button';
import { chime } from '../../ui/chime';
import { Strip } from '../../ui/Strip';
import { useLook } from '../../ui/theme';
import { Words } from '../../ui/Words';
import { LONGEST_STEP_MS, newsIn } from './news';
import { unrung } from './rungHere';
import { useReminders } from './useReminders';

/** Tells of what falls due while a page is open: heard, felt and seen in it, and by the system where nobody looks at it. */
export function Rings() {
  const kitchen = useKitchen();
  const { now, household } = kitchen;
  // Only a demo's clock is moved by anybody.
  const mostMs = household.clock.movable ? LONGEST_STEP_MS : Infinity;
  const reminders = useReminders();
  const before = useRef(now);
  const told = useRef(new Map<string, number>());
  const [due, setDue] = useState<readonly Reminder[]>([]);
  useEffect(() => {
    const news = newsIn(reminders, told.current, { before: before.current, now, mostMs });
    before.current = now;
    if (news.length === 0) return;
    void tell(news, kitchen);
    setDue((others) => [...news, ...others.filter((other) => !news.some(({ key }) => key === other.key))]);
  }, [reminders, now, kitchen, mostMs]);
  // What was done meanwhile is due no more.
  const left = due.filter(({ key }) => reminders.some((each) => each.key === key));
  const [first, ...others] = left;
  if (!first) return null;
  return <Due reminder={first} others={others.length} onSeen={() => setDue(others)} />;
}

async function tell(news: readonly Reminder[], { now, settings }: Kitchen): Promise<void> {
  const asPushed = (reminder: Reminder) => toPush(reminder, settings, now);
  if (document.visibilityState === 'hidden') news.forEach((each) => void showBySystem(asPushed(each)));
  // A page that nobody touched makes no sound: another may.
  if (!(navigator.userActivation?.hasBeenActive ?? true)) return;
  const pushed = (await unrung(news)).map(asPushed);
  if (pushed.some(({ heard }) => heard)) chime();
  if (pushed.some(({ felt }) => felt)) navigator.vibrate?.(VIBRATION);
}

interface DueProps {
  readonly reminder: Reminder;
  /** How many more are due. */
  readonly others: number;
  readonly onSeen: () => void;
}

function Due({ reminder: { title, page }, others, onSeen }: DueProps) {
  const { colors } = useLook();
  const router = useRouter();
  const open = () => {
    onSeen();
    router.push(page as never);
  };
  return (
    <View aria-live="assertive">
      <Strip icon={<BellRing size={20} color={colors.ink} />}>
        <Words face="strong" style={styles.words}>
          {others > 0 ? `${title} (and ${others} more)` : title}
        </Words>
        <Button kind="plain" label="Open" name={`Open what is due: ${title}`} onPress={open} />
        <Button kind="plain" label="Seen" name={`Seen: ${title}`} onPress={onSeen} />
      </Strip>
    </View>
  );
}

const styles = StyleSheet.create({ words: { flex: 1 } });
