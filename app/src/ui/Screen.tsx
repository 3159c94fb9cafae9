import ArrowLeft from 'lucide-react-native/icons/arrow-left';
import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { Pressable, ScrollView, StyleSheet, View } from 'react-native';
import { Caution } from './Caution';
import { COLUMN, REACH, space } from './tokens';
import { useLook } from './theme';
import { useDocumentTitle } from './useDocumentTitle';
import { Heading, Words } from './Words';

interface ScreenProps {
  readonly title: string;
  /** A line under the title. */
  readonly subtitle?: string;
  /** Where "back" leads when this page was opened by its address; shown only on pages below a place. */
  readonly backTo?: string;
  /** Something small at the right of the title. */
  readonly aside?: ReactNode;
  /** The main action, at the bottom within the thumb's reach. */
  readonly foot?: ReactNode;
  /** Screens that rule carry the standing caution. */
  readonly rules?: boolean;
  readonly children: ReactNode;
}

/** The frame of every screen: title, scrolling content in a readable column, main action at the bottom. */
export function Screen({ title, subtitle, backTo, aside, foot, rules, children }: ScreenProps) {
  const { colors } = useLook();
  useDocumentTitle(title, backTo?.startsWith('/food') ? subtitle : undefined);
  return (
    <View style={[styles.fill, { backgroundColor: colors.ground }]}>
      <ScrollView style={styles.fill} contentContainerStyle={styles.scroll}>
        <View style={styles.column}>
          <View style={styles.head}>
            {backTo && <Back to={backTo} />}
            <View style={styles.title}>
              <Heading level={1}>{title}</Heading>
              {subtitle && <Words tone="soft">{subtitle}</Words>}
            </View>
            {aside}
          </View>
          {children}
          {rules && <Caution />}
        </View>
      </ScrollView>
      {foot && (
        <View style={[styles.foot, { backgroundColor: colors.ground, borderTopColor: colors.line }]}>
          <View style={[styles.column, styles.actions]}>{foot}</View>
        </View>
      )}
    </View>
  );
}

function Back({ to }: { readonly to: string }) {
  const router = useRouter();
  const { colors } = useLook();
  return (
    <Pressable
      role="button"
      aria-label="Back"
      style={styles.back}
      onPress={() => (router.canGoBack() ? router.back() : router.replace(to as never))}
    >
      <ArrowLeft color={colors.ink} size={24} />
    </Pressable>
  );
}

const styles = StyleSheet.create({
  fill: { flex: 1 },
  scroll: { padding: space.l, paddingBottom: space.xxl },
  column: { width: '100%', maxWidth: COLUMN, alignSelf: 'center', gap: space.l },
  head: { flexDirection: 'row', alignItems: 'center', gap: space.s },
  title: { flex: 1, flexShrink: 1 },
  back: { width: REACH, height: REACH, alignItems: 'center', justifyContent: 'center', marginLeft: -space.m },
  foot: { borderTopWidth: space.hair, paddingHorizontal: space.l, paddingVertical: space.m },
  actions: { flexDirection: 'row', gap: space.m },
});
