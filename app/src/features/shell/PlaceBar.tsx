import { useRouter } from 'expo-router';
import { memo, useCallback, useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { afterPaint } from '../../ui/goTo';
import { PageLink } from '../../ui/PageLink';
import { REACH, space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Words } from '../../ui/Words';
import { PLACES } from './places';

interface PlaceBarProps {
  readonly path: string;
  readonly rail?: boolean;
  /** Shows the keys that do something by themselves, where there is room to say so. */
  readonly onKeys?: () => void;
}

export function PlaceBar({ path, rail = false, onKeys }: PlaceBarProps) {
  const { colors } = useLook();
  const router = useRouter();
  // The place pressed lights up at once, and opens when it has.
  const [going, setGoing] = useState<{ readonly from: string; readonly to: string } | null>(null);
  if (going && going.from !== path) setGoing(null);
  const bound = going?.to ?? path;
  const go = useCallback(
    (to: string) => {
      setGoing({ from: path, to });
      afterPaint(() => router.navigate(to as never));
    },
    [path, router],
  );
  return (
    <View
      role="navigation"
      aria-label="Places"
      style={[rail ? styles.rail : styles.bar, { backgroundColor: colors.enamel, borderColor: colors.line }]}
    >
      {PLACES.map((place) => (
        <PlaceLink
          key={place.path}
          place={place}
          here={bound === place.path || bound.startsWith(`${place.path}/`)}
          rail={rail}
          onGo={go}
        />
      ))}
      {onKeys && <View style={styles.rest} />}
      {onKeys && (
        <Pressable role="button" aria-label="Keys" onPress={onKeys} style={styles.keys}>
          <Words face="strong" tone="soft">
            ?
          </Words>
        </Pressable>
      )}
    </View>
  );
}

interface PlaceLinkProps {
  readonly place: (typeof PLACES)[number];
  readonly here: boolean;
  readonly rail: boolean;
  readonly onGo: (to: string) => void;
}

/** Drawn anew only when it lights up or goes out. */
const PlaceLink = memo(function PlaceLink({ place, here, rail, onGo }: PlaceLinkProps) {
  const { colors } = useLook();
  const { path, label, icon: Icon } = place;
  return (
    <PageLink
      href={path}
      onOpen={onGo}
      aria-current={here ? 'page' : undefined}
      style={rail ? styles.railPlace : styles.place}
    >
      <Icon size={24} color={here ? colors.rim : colors.soft} strokeWidth={here ? 2.5 : 2} />
      <Words size="small" face={here ? 'strong' : 'text'} tone={here ? 'rim' : 'soft'}>
        {label}
      </Words>
    </PageLink>
  );
});

const styles = StyleSheet.create({
  bar: { flexDirection: 'row', borderTopWidth: space.hair, paddingVertical: space.s },
  place: { flex: 1, alignItems: 'center', justifyContent: 'center', minHeight: 52, gap: space.xs },
  rail: { width: 96, borderRightWidth: space.hair, paddingTop: space.xl, gap: space.s },
  keys: { minHeight: REACH, alignItems: 'center', justifyContent: 'center' },
  rest: { flex: 1 },
  railPlace: { alignItems: 'center', justifyContent: 'center', minHeight: 68, gap: space.xs },
});
