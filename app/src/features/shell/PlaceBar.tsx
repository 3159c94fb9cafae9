import { Link } from 'expo-router';
import { Pressable, StyleSheet, View } from 'react-native';
import { space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { Words } from '../../ui/Words';
import { PLACES } from './places';

interface PlaceBarProps {
  readonly path: string;
  readonly rail?: boolean;
}

export function PlaceBar({ path, rail }: PlaceBarProps) {
  const { colors } = useLook();
  return (
    <View
      role="navigation"
      aria-label="Places"
      style={[rail ? styles.rail : styles.bar, { backgroundColor: colors.enamel, borderColor: colors.line }]}
    >
      {PLACES.map(({ path: to, label, icon: Icon }) => {
        const here = path === to || path.startsWith(`${to}/`);
        return (
          <Link key={to} href={to} asChild>
            <Pressable
              role="link"
              aria-current={here ? 'page' : undefined}
              style={rail ? styles.railPlace : styles.place}
            >
              <Icon size={24} color={here ? colors.rim : colors.soft} strokeWidth={here ? 2.5 : 2} />
              <Words size="small" face={here ? 'strong' : 'text'} tone={here ? 'rim' : 'soft'}>
                {label}
              </Words>
            </Pressable>
          </Link>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  bar: { flexDirection: 'row', borderTopWidth: space.hair, paddingVertical: space.s },
  place: { flex: 1, alignItems: 'center', justifyContent: 'center', minHeight: 52, gap: 2 },
  rail: { width: 96, borderRightWidth: space.hair, paddingTop: space.xl, gap: space.s },
  railPlace: { alignItems: 'center', justifyContent: 'center', minHeight: 68, gap: 2 },
});
