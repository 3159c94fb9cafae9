import type { ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Caution } from '../../ui/Caution';
import { TextLink } from '../../ui/TextLink';
import { COLUMN, space } from '../../ui/tokens';
import { useLook } from '../../ui/theme';
import { useDocumentTitle } from '../../ui/useDocumentTitle';
import { Heading, Words } from '../../ui/Words';

interface DoorPageProps {
  readonly title: string;
  readonly lead?: string;
  /** In the middle of the page; what is typed into stays where it stands. */
  readonly lone?: boolean;
  /** Where it leads back to; nowhere where there is nothing behind it. */
  readonly back?: { readonly to: string; readonly words: string };
  readonly children: ReactNode;
}

export const TO_THE_DOOR = { to: '/welcome', words: 'Back to the door' } as const;

/** A page before the kitchen: one column, without its bar. */
export function DoorPage({ title, lead, lone, back, children }: DoorPageProps) {
  const { colors } = useLook();
  useDocumentTitle(title === 'Omtel' ? '' : title, undefined);
  return (
    <ScrollView
      style={{ backgroundColor: colors.ground }}
      contentContainerStyle={[styles.page, lone && styles.lone]}
      role="main"
    >
      <View style={styles.column}>
        {back && <TextLink href={back.to}>{`← ${back.words}`}</TextLink>}
        <Heading level={1}>{title}</Heading>
        {lead && <Words size="lead">{lead}</Words>}
        {children}
        <Caution />
      </View>
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  page: { flexGrow: 1, padding: space.xl },
  lone: { justifyContent: 'center' },
  column: { width: '100%', maxWidth: COLUMN, alignSelf: 'center', gap: space.l },
});
