import type { ShopPlace } from '@omtel/core/shopping';

/** The places of a shop, by name. */
export const SHELF_NAMES: Readonly<Record<ShopPlace, string>> = {
  dry: 'Dry goods',
  produce: 'Fruit and vegetables',
  chilled: 'Chilled',
  raw: 'Raw meat and fish',
  frozen: 'Frozen',
};

/** What is minded there. */
export const SHELF_ADVICE: Readonly<Partial<Record<ShopPlace, string>>> = {
  chilled: 'Late, in the cold bag.',
  raw: 'Late, in a bag of its own.',
  frozen: 'Last of all, in a bag with ice.',
};
