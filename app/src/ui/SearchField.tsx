import { startTransition, useCallback, useState } from 'react';
import { Field } from './Field';

interface SearchFieldProps {
  readonly label: string;
  readonly hint: string;
  readonly most?: number;
  /** What stands in it at first. */
  readonly from?: string;
  /** With all that is typed, once there is time for what it finds. */
  readonly onSearch: (text: string) => void;
}

/** A field to look for something: its letters show as they are typed, whatever the search is at. */
export function SearchField({ from = '', onSearch, ...field }: SearchFieldProps) {
  const [text, setText] = useState(from);
  const type = useCallback(
    (typed: string) => {
      setText(typed);
      startTransition(() => onSearch(typed));
    },
    [onSearch],
  );
  return <Field {...field} value={text} onChange={type} />;
}
