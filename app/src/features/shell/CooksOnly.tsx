import { whyNot } from '@omtel/core/roles';
import type { ReactNode } from 'react';
import { useMay } from '../../store/useMay';
import { Screen } from '../../ui/Screen';
import { Words } from '../../ui/Words';

/** A page on which something is decided; a helper who comes to its address is told whom to ask. */
export function CooksOnly({ children }: { readonly children: ReactNode }) {
  if (useMay('decide')) return children;
  return (
    <Screen title="For cooks" backTo="/now">
      <Words>{whyNot('helper', 'decide')}</Words>
    </Screen>
  );
}
