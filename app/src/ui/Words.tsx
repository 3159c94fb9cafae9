import type { ReactNode } from 'react';
import { Text, type TextProps, type TextStyle } from 'react-native';
import { fonts, lineHeightOf, type Sizes } from './tokens';
import { useLook } from './theme';

interface WordsProps extends TextProps {
  readonly size?: keyof Sizes;
  readonly face?: keyof typeof fonts;
  readonly tone?: 'ink' | 'soft' | 'rim' | 'hot' | 'cold' | 'bandEdge' | 'onRim';
  /** Figures of one width, where numbers line up. */
  readonly tabular?: boolean;
  readonly children: ReactNode;
}

/** All text of Omtel: a size, a face and a tone from the tokens. */
export function Words({
  size = 'body',
  face = 'text',
  tone = 'ink',
  tabular,
  style,
  children,
  ...rest
}: WordsProps) {
  const { colors, sizes } = useLook();
  const base: TextStyle = {
    fontFamily: fonts[face],
    fontSize: sizes[size],
    lineHeight: lineHeightOf(sizes[size], face),
    color: colors[tone],
    fontVariant: tabular ? ['tabular-nums'] : undefined,
  };
  return (
    <Text style={[base, style]} {...rest}>
      {children}
    </Text>
  );
}

interface HeadingProps extends WordsProps {
  /** 1 is the page's own; what stands below it is one level down, however large it is written. */
  readonly level?: 1 | 2;
  readonly small?: boolean;
}

/** A heading that screen readers can jump to. */
export function Heading({ level = 2, small, ...props }: HeadingProps) {
  return (
    <Words
      role="heading"
      aria-level={level}
      face={small ? 'strong' : 'display'}
      size={level === 1 ? 'heading' : small ? 'body' : 'title'}
      {...props}
    />
  );
}
