import { TextLink } from './TextLink';

interface RuleLinkProps {
  readonly id: string;
  /** What is said instead, where several stand together. */
  readonly children?: string;
}

/** The way to a rule, its number's source and its reason. */
export function RuleLink({ id, children = 'Rule and source' }: RuleLinkProps) {
  return (
    <TextLink href={`/guide/rule/${id}`} size="small">
      {children}
    </TextLink>
  );
}
