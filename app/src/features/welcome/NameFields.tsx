import { Field } from '../../ui/Field';

interface Names {
  readonly household: string;
  readonly person: string;
}

interface NameFieldsProps {
  readonly names: Names;
  readonly onChange: (patch: Partial<Names>) => void;
  readonly problems?: Partial<Record<string, string>>;
  readonly hints?: Partial<Names>;
}

/** The two names by which somebody is found: the household's and their own. */
export function NameFields({ names, onChange, problems = {}, hints = {} }: NameFieldsProps) {
  return (
    <>
      <Field
        label="Household’s name"
        value={names.household}
        onChange={(household) => onChange({ household })}
        problem={problems.household}
        hint={hints.household}
        completes="organization"
        autoFocus
      />
      <Field
        label="Your name"
        value={names.person}
        onChange={(person) => onChange({ person })}
        problem={problems.person}
        hint={hints.person}
        completes="username"
      />
    </>
  );
}
