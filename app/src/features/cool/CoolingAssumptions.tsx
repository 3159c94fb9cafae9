import { foodById } from '@omtel/core/foods';
import { madeOf } from '@omtel/core/forecast';
import type { CoolingAsked } from '@omtel/core/jobs';
import { media, type Coefficient } from '@omtel/core/thermal';
import { formatMass, formatTemperature } from '@omtel/core/units';
import type { ReactNode } from 'react';
import { useKitchen } from '../../store/useKitchen';
import { Assumptions, type TweakDraft } from '../forecast';

interface CoolingAssumptionsProps {
  readonly asked: CoolingAsked;
  readonly tweaks: TweakDraft;
  readonly onTweaks: (tweaks: TweakDraft) => void;
  /** Fields for what only a cooling assumes, such as its refrigerator. */
  readonly fields: ReactNode;
}

const spread = ({ low, high }: Coefficient): string => `${low}–${high}`;

/** What is taken for granted of a cooling, and changeable. */
export function CoolingAssumptions({ asked, tweaks, onTweaks, fields }: CoolingAssumptionsProps) {
  const { units } = useKitchen();
  const { setC, capacityW, roomC } = asked.refrigerator;
  const degrees = (temperatureC: number) => formatTemperature({ value: temperatureC, unit: 'C' }, units);
  return (
    <Assumptions
      tweaks={tweaks}
      onChange={onTweaks}
      fields={fields}
      items={[
        madeOf(foodById(asked.foodKey), asked),
        {
          what: 'It',
          value: `${formatMass(asked.massKg, units)}, ${asked.stirred ? 'stirred: one temperature' : 'not stirred: heat creeps'}`,
        },
        {
          what: 'Wall',
          value: `${asked.container.wall.thicknessM * 1000} mm, ${asked.container.wall.conductivity} W/mK`,
        },
        {
          what: 'Air',
          value: `h ${spread(media.stillRefrigerator)} in the refrigerator, ${spread(media.roomAir)} on the counter, ${spread(media.iceBath)} in ice water, W/m²K`,
        },
        { what: 'Lid', value: asked.lid ? 'keeps heat and steam in' : 'off: it steams' },
        {
          what: 'Refrigerator',
          value: `set to ${degrees(setC)}, ${capacityW} W, ${degrees(roomC)} around it`,
        },
      ]}
    />
  );
}
