import { prepareSearch } from '@omtel/core/foods';
import { useEffect } from 'react';

/** So few foods at a time that no tap has to wait for them. */
const AT_A_TIME = 8;
const BETWEEN_MS = 30;

/** Makes the search ready a little at a time while nobody types yet, so that the first letter need not wait for it. */
export function useSearchReady(): void {
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>;
    const go = () => {
      if (!prepareSearch(AT_A_TIME)) timer = setTimeout(go, BETWEEN_MS);
    };
    timer = setTimeout(go, BETWEEN_MS);
    return () => clearTimeout(timer);
  }, []);
}
