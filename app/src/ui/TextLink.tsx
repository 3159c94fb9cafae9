import { StyleSheet, type ViewStyle } from 'react-native';
import { PageLink } from './PageLink';
import { REACH, type Sizes } from './tokens';
import { Words } from './Words';

interface TextLinkProps {
  readonly href: string;
  readonly size?: keyof Sizes;
  readonly face?: 'text' | 'strong';
  /** Lets its reach lie over room that is there already. */
  readonly style?: ViewStyle;
  readonly children: string;
}

/** Words that lead to a page, with room for a finger around them. */
export function TextLink({ href, size, face, style, children }: TextLinkProps) {
  return (
    <PageLink href={href} style={[styles.reach, style]}>
      <Words size={size} face={face} tone="rim">
        {children}
      </Words>
    </PageLink>
  );
}

const styles = StyleSheet.create({
  reach: { minHeight: REACH, minWidth: REACH, justifyContent: 'center', alignSelf: 'flex-start' },
});
