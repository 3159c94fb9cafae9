import type { ShopPlace } from '@omtel/core/shopping';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Rows } from '../../ui/Rows';
import { Words } from '../../ui/Words';
import { BesideStep } from '../practice';
import { SHELF_ADVICE, SHELF_NAMES } from './shopWords';

interface ShopShelvesProps<Thing> {
  readonly list: readonly { readonly place: ShopPlace; readonly things: readonly Thing[] }[];
  readonly row: (thing: Thing) => ReactNode;
}

const SHOP = ['shop'] as const;

/** What is bought, as one goes through a shop: what keeps first, chilled and frozen last; and what keeps it safe on the way. */
export function ShopShelves<Thing>({ list, row }: ShopShelvesProps<Thing>) {
  return (
    <>
      {list.map(({ place, things }) => (
        <View key={place}>
          <Rows title={SHELF_NAMES[place]}>{things.map(row)}</Rows>
          {SHELF_ADVICE[place] && <Words tone="soft">{SHELF_ADVICE[place]}</Words>}
        </View>
      ))}
      <BesideStep moments={SHOP} food={null} />
    </>
  );
}
