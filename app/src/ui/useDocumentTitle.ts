import { createContext, useContext, useEffect } from 'react';

/** A detail beside its list is none of its own page. */
export const BesideList = createContext(false);

/** Names the page in the browser’s tab and history, by its title and by what is done there to a food. */
export function useDocumentTitle(title: string, about: string | undefined): void {
  const beside = useContext(BesideList);
  useEffect(() => {
    if (!beside) document.title = [title, about, 'Omtel'].filter(Boolean).join(' · ');
  }, [beside, title, about]);
}
