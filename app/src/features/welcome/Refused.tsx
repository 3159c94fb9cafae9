import { sentenceOf, type QueryError } from '../../store/problem';
import { Words } from '../../ui/Words';

/** Why the door stayed shut, where it did. */
export function Refused({ error }: { readonly error: QueryError }) {
  if (!error) return null;
  return (
    <Words tone="hot" role="alert">
      {sentenceOf(error)}
    </Words>
  );
}
