import { shopShelves } from '@omtel/core/record';
import { useState } from 'react';
import { Controller, type Control } from 'react-hook-form';
import { View } from 'react-native';
import { Button } from '../../../ui/Button';
import { Field } from '../../../ui/Field';
import { space } from '../../../ui/tokens';
import { Heading, Words } from '../../../ui/Words';
import { SHELF_NAMES } from '../shopWords';
import type { DishFields } from './dishDraft';

interface BuysFieldsProps {
  readonly control: Control<DishFields>;
  readonly fields: DishFields;
  readonly problem: string | undefined;
}

/** What is bought for a dish besides, shelf by shelf as one goes through a shop. */
export function BuysFields({ control, fields, problem }: BuysFieldsProps) {
  const [open, setOpen] = useState(() => Object.values(fields.buys).some((names) => names !== ''));
  if (!open)
    return (
      <View style={{ alignItems: 'flex-start' }}>
        <Button kind="plain" label="Something else to buy" onPress={() => setOpen(true)} />
      </View>
    );
  return (
    <View style={{ gap: space.s }}>
      <Heading small tone="soft">
        To buy besides
      </Heading>
      <Words tone="soft">With commas between. The list follows the way through a shop.</Words>
      {shopShelves.map((shelf, index) => (
        <Controller
          key={shelf}
          control={control}
          name={`buys.${shelf}`}
          render={({ field }) => (
            <Field
              label={SHELF_NAMES[shelf]}
              value={field.value}
              onChange={field.onChange}
              onBlur={field.onBlur}
              problem={index === 0 ? problem : undefined}
            />
          )}
        />
      ))}
    </View>
  );
}
