import { sentenceOf, type QueryError } from '../store/problem';
import { Failed, Loading } from './states';

interface UntilProps {
  /** What is fetched, after “Fetching”. */
  readonly what: string;
  readonly query: {
    readonly data?: unknown;
    readonly error?: QueryError;
    readonly refetch: () => unknown;
  };
}

/** Until something is told: that it is fetched, or why it could not be and a way to try again. Nothing once it is there. */
export function Until({ what, query: { data, error, refetch } }: UntilProps) {
  if (data) return null;
  return error ? (
    <Failed sentence={sentenceOf(error)} onRetry={() => void refetch()} />
  ) : (
    <Loading what={what} />
  );
}
