import { useRouter } from 'expo-router';
import { useCallback } from 'react';

/** Does something once the screen shows what was pressed: a press is answered at once, however long what it opens takes. */
export const afterPaint = (then: () => void): void => void requestAnimationFrame(() => setTimeout(then));

/** Opens a page, once the screen shows what was pressed. */
export function useGoTo(): (path: string) => void {
  const router = useRouter();
  return useCallback((path) => afterPaint(() => router.push(path as never)), [router]);
}
