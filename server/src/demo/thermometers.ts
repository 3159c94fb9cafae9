import type { Thermometer, ThermometerEntry } from '@omtel/core/thermometers';
import { DAY_MS, HOUR_MS } from '@omtel/core/units';

const ICE_C = 0;

/** A probe that is right, and the dial that fell into the sink yesterday. */
export const demoThermometers = (opens: number): Thermometer[] => [
  {
    ...COMMON,
    id: 'probe',
    name: 'Probe',
    kind: 'instantRead',
    resolutionK: 0.1,
    livesIn: 'Drawer by the stove',
    log: [inIce(opens - 37 * DAY_MS, 0.2), inIce(opens - 6 * DAY_MS, ICE_C)],
  },
  {
    ...COMMON,
    id: 'dial',
    name: 'Dial',
    kind: 'ovenDial',
    resolutionK: 1,
    livesIn: 'Hook on the oven',
    log: [inIce(opens - 20 * DAY_MS, 1), { at: opens - 20 * HOUR_MS, what: 'dropped' }],
  },
];

const COMMON: Pick<Thermometer, 'rangeC' | 'boughtAt' | 'rhythmDays'> = {
  rangeC: [-40, 250],
  boughtAt: null,
  rhythmDays: 30,
};

const inIce = (at: number, value: number): ThermometerEntry => ({
  at,
  what: 'checked',
  point: 'ice',
  expectedC: ICE_C,
  read: { value, unit: 'C' },
});
