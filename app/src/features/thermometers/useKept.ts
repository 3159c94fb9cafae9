import { useCallback, useState } from 'react';
import { sentenceOf, type QueryError } from '../../store/problem';

/** Does what is kept by the server, and has the sentence where it was not. */
export function useKept() {
  const [problem, setProblem] = useState<string>();
  const kept = useCallback(async (act: () => Promise<unknown>): Promise<boolean> => {
    try {
      await act();
      setProblem(undefined);
      return true;
    } catch (error) {
      setProblem(sentenceOf(error as QueryError));
      return false;
    }
  }, []);
  return { kept, problem };
}
