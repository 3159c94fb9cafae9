import ArrowLeft from 'lucide-react-native/icons/arrow-left';
import { useRouter } from 'expo-router';
import { useCallback, useEffect, type ReactElement, type ReactNode } from 'react';
import { InteractionManager, Pressable, ScrollView, SectionList, StyleSheet, View } from 'react-native';
import { Caution } from './Caution';
import { pageOpened } from './press';
import { COLUMN, REACH, space, TWO_COLUMNS } from './tokens';
import { useLook } from './theme';
import { useDocumentTitle } from './useDocumentTitle';
import { Heading, Words } from './Words';

/** As long as something is worked at between two pictures, ms. */
const FRAME_MS = 16;

// A list draws what is scrolled to once its browser says that it is idle, which some say only with the
// next thing drawn: the list stays empty there. With a deadline it goes by a timer.
InteractionManager.setDeadline(FRAME_MS);

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
  /** Wide enough for two parts beside each other, where the window is. */
  readonly roomy?: boolean;
  readonly children?: ReactNode;
}

/** The frame of every screen: title, scrolling content in a readable column, main action at the bottom. */
export function Screen({ children, ...frame }: ScreenProps) {
  return (
    <Frame {...frame}>
      <ScrollView style={styles.fill} contentContainerStyle={styles.scroll}>
        <View style={[styles.column, frame.roomy && styles.roomy]}>
          <Head {...frame} />
          {children}
          {frame.rules && <Caution />}
        </View>
      </ScrollView>
    </Frame>
  );
}

interface Section<Item> {
  readonly title: string;
  readonly data: readonly Item[];
}

interface ListScreenProps<Item> extends ScreenProps {
  readonly sections: readonly Section<Item>[];
  readonly keyOf: (item: Item) => string;
  /** Kept from one drawing to the next by whoever gives it. */
  readonly row: (item: Item) => ReactElement;
  /** Called when the eye comes near the end. */
  readonly onEnd?: () => void;
  /** What stands under the last row. */
  readonly after?: ReactNode;
}

/** The same around a long list: only the rows near the eye are drawn. What else there is stands above it. */
export function ListScreen<Item>({
  children,
  sections,
  keyOf,
  row,
  onEnd,
  after,
  ...frame
}: ListScreenProps<Item>) {
  const { colors } = useLook();
  // The same from one drawing to the next, so that rows that did not change are not drawn again.
  const renderItem = useCallback(
    ({ item }: { readonly item: Item }) => (
      <View style={[styles.column, styles.row, { borderBottomColor: colors.line }]}>{row(item)}</View>
    ),
    [row, colors.line],
  );
  return (
    <Frame {...frame}>
      <SectionList<Item, Section<Item>>
        style={styles.fill}
        contentContainerStyle={styles.scroll}
        sections={sections.filter(({ data }) => data.length > 0)}
        keyExtractor={keyOf}
        initialNumToRender={ROWS_AT_ONCE}
        maxToRenderPerBatch={ROWS_AT_ONCE}
        windowSize={SCREENS_KEPT}
        stickySectionHeadersEnabled={false}
        ListHeaderComponent={
          <View style={styles.column}>
            <Head {...frame} />
            {children}
          </View>
        }
        renderSectionHeader={({ section }) => (
          <View style={[styles.column, styles.section]}>
            <Heading small tone="soft">
              {section.title}
            </Heading>
          </View>
        )}
        renderItem={renderItem}
        onEndReached={onEnd}
        onEndReachedThreshold={SCREENS_AHEAD}
        ListFooterComponent={
          <View style={[styles.column, styles.section]}>
            {after}
            {frame.rules && <Caution />}
          </View>
        }
      />
    </Frame>
  );
}

/** A phone shows some eight at a time. */
const ROWS_AT_ONCE = 9;
const SCREENS_KEPT = 5;
const SCREENS_AHEAD = 2;

function Head({ title, subtitle, backTo, aside }: Omit<ScreenProps, 'children'>) {
  return (
    <View style={styles.head}>
      {backTo && <Back to={backTo} />}
      <View style={styles.title}>
        <Heading level={1}>{title}</Heading>
        {subtitle && <Words tone="soft">{subtitle}</Words>}
      </View>
      {aside}
    </View>
  );
}

function Frame({ title, subtitle, backTo, foot, roomy, children }: ScreenProps) {
  const { colors } = useLook();
  useDocumentTitle(title, backTo?.startsWith('/food') ? subtitle : undefined);
  // A page may come some time after its address: it has opened once its head and its foot stand.
  const footed = Boolean(foot);
  useEffect(pageOpened, [title, footed]);
  return (
    <View style={[styles.fill, { backgroundColor: colors.ground }]}>
      {children}
      {foot && (
        <View style={[styles.foot, { backgroundColor: colors.ground, borderTopColor: colors.line }]}>
          <View style={[styles.column, roomy && styles.roomy, styles.actions]}>{foot}</View>
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
  roomy: { maxWidth: TWO_COLUMNS },
  head: { flexDirection: 'row', alignItems: 'center', gap: space.s },
  title: { flex: 1, flexShrink: 1 },
  section: { paddingTop: space.l },
  row: { borderBottomWidth: space.hair, paddingVertical: space.m },
  back: { width: REACH, height: REACH, alignItems: 'center', justifyContent: 'center', marginLeft: -space.m },
  foot: { borderTopWidth: space.hair, paddingHorizontal: space.l, paddingVertical: space.m },
  actions: { flexDirection: 'row', gap: space.m },
});
