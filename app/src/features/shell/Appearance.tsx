import type { ReactNode } from 'react';
import { useHouseholdQuery } from '../../store/api';
import { Theme } from '../../ui/theme';

/** The household's choice of light, dark and larger text; the system's before anyone is signed in. */
export function Appearance({ children }: { readonly children: ReactNode }) {
  const { data } = useHouseholdQuery();
  return (
    <Theme theme={data?.settings.theme ?? 'system'} largerText={data?.settings.largerText ?? false}>
      {children}
    </Theme>
  );
}
