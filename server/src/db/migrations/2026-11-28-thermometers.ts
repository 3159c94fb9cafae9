import type { Knex } from 'knex';
import { eachHousehold } from './eachHousehold';

interface Before {
  readonly thermometer?: { readonly readsHighK: number; readonly inDoubt: boolean };
}
interface After {
  readonly thermometers?: readonly {
    readonly log: readonly { readonly what: string; readonly read?: { readonly value: number } }[];
  }[];
}

/**
 * The one thermometer with its offset becomes a list of them, each with its checks; one of which nothing was said is none. A kitchen
 * may have a slow cooker.
 */
export async function up(knex: Knex): Promise<void> {
  const at = Date.now();
  await eachHousehold(knex, ({ thermometer, kitchen, ...settings }) => {
    // Cut off in the middle, it has done this one.
    if ('thermometers' in settings) return { ...settings, kitchen };
    const { readsHighK = 0, inDoubt = false } = (thermometer as Before['thermometer']) ?? {};
    const checked = {
      at,
      what: 'checked',
      point: 'ice',
      expectedC: 0,
      read: { value: readsHighK, unit: 'C' },
    };
    const known = {
      id: 'first',
      name: 'Thermometer',
      kind: 'instantRead',
      resolutionK: 0.1,
      rangeC: [-40, 300],
      livesIn: '',
      boughtAt: null,
      rhythmDays: 30,
      log: [checked, ...(inDoubt ? [{ at, what: 'dropped' }] : [])],
    };
    const thermometers = readsHighK !== 0 || inDoubt ? [known] : [];
    return {
      ...settings,
      altitudeM: 0,
      kitchen: { slowCooker: false, ...(kitchen as object) },
      thermometers,
    };
  });
}

export async function down(knex: Knex): Promise<void> {
  await eachHousehold(knex, ({ thermometers, altitudeM: _altitude, kitchen, ...settings }) => {
    const log = (thermometers as After['thermometers'])?.[0]?.log ?? [];
    const readsHighK = log.findLast(({ what }) => what === 'checked')?.read?.value ?? 0;
    const inDoubt = log.length > 0 && log.at(-1)!.what !== 'checked';
    const before = Object.fromEntries(
      Object.entries(kitchen as object).filter(([name]) => name !== 'slowCooker'),
    );
    return { ...settings, kitchen: before, thermometer: { readsHighK, inDoubt } };
  });
}
