import { formatLength, formatMass, formatVolumeUp, lengthUnitOf, type UnitSystem } from '@omtel/core/units';
import { useKitchen } from '../../store/useKitchen';
import { Field } from '../../ui/Field';
import { Rows } from '../../ui/Rows';
import { TextLink } from '../../ui/TextLink';
import { Words } from '../../ui/Words';
import type { Served } from './servingsDraft';
import { readTin, whatFits, type Fit, type Room } from './fits';

interface WhatFitsProps {
  readonly form: Served;
  /** What is bought, kg; null where nobody said. */
  readonly massKg: number | null;
  readonly tin: string;
  readonly onTin: (tin: string) => void;
}

/** How heavy a piece goes into oven, tin, pot and refrigerator, and whether this one does. */
export function WhatFits({ form, massKg, tin, onTin }: WhatFitsProps) {
  const { units, settings } = useKitchen();
  const unit = lengthUnitOf(units);
  const read = readTin(tin, unit);
  const fits = whatFits(form, settings.kitchen, 'tinM' in read ? read.tinM : null);
  return (
    <>
      <Rows title="What fits">
        {fits.map((fit) => (
          <Words key={fit.room} tone={isTooMuch(fit, massKg) ? 'hot' : 'ink'}>
            {fitWords(fit, massKg, units)}
          </Words>
        ))}
      </Rows>
      {fits.some(({ mostKg }) => mostKg === null) && (
        <TextLink href="/household">Say how large oven, pot and refrigerator are</TextLink>
      )}
      <Field
        label="A tin or dish: its longest side inside"
        value={tin}
        onChange={onTin}
        numeric
        unit={unit}
        problem={'problem' in read ? read.problem : undefined}
        hint="As such pieces are usually shaped; a long one measures more. Measure it before it is bought."
      />
    </>
  );
}

const NAMES: Readonly<Record<Room, string>> = {
  oven: 'Oven',
  tin: 'Tin or dish',
  pot: 'Largest pot',
  refrigerator: 'Refrigerator',
};

const isTooMuch = ({ mostKg }: Fit, massKg: number | null): boolean =>
  mostKg !== null && massKg !== null && massKg > mostKg;

function fitWords(fit: Fit, massKg: number | null, units: UnitSystem): string {
  const { room, size, mostKg } = fit;
  if (size === null || mostKg === null) return `${NAMES[room]}: nobody said how large it is.`;
  const measure =
    room === 'oven' || room === 'tin'
      ? formatLength(size, units)
      : `${formatVolumeUp(size, units)}${room === 'refrigerator' ? ' free' : ''}`;
  const most =
    mostKg === 0
      ? 'none fits'
      : mostKg === Infinity
        ? 'any fits'
        : `up to ${formatMass(mostKg, units)}${room === 'refrigerator' ? ' thaw in it at once' : ' in one piece'}`;
  return `${NAMES[room]}, ${measure}: ${most}.${isTooMuch(fit, massKg) ? ' Too small for this one.' : ''}`;
}
