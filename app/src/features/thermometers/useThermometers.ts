import { standingOf, withEntry, type Thermometer, type ThermometerEntry } from '@omtel/core/thermometers';
import { useCallback, useMemo } from 'react';
import { useChangeSettingsMutation } from '../../store/api';
import { useHousehold, useKitchen } from '../../store/useKitchen';

export type RatedThermometer = Thermometer & { readonly standing: ReturnType<typeof standingOf> };

/** The household's thermometers with how far each is to be trusted, and what can be said of them. */
export function useThermometers() {
  const { thermometers } = useHousehold().settings;
  const { rules } = useKitchen();
  const [change] = useChangeSettingsMutation();
  const all = useMemo(
    () =>
      thermometers.map((each): RatedThermometer => ({
        ...each,
        standing: standingOf(each, rules.thermometer),
      })),
    [thermometers, rules],
  );
  const keep = useCallback(
    (thermometers: readonly Thermometer[]) => change({ thermometers: [...thermometers] }).unwrap(),
    [change],
  );
  const rewrite = useCallback(
    (id: string, anew: (before: Thermometer) => Thermometer) =>
      keep(thermometers.map((each) => (each.id === id ? anew(each) : each))),
    [thermometers, keep],
  );
  return {
    all,
    add: (thermometer: Thermometer) => keep([...thermometers, thermometer]),
    log: (id: string, entry: ThermometerEntry) => rewrite(id, (before) => withEntry(before, entry)),
    sentBy: (id: string, device: string | undefined) => rewrite(id, (before) => ({ ...before, device })),
    takeBack: (id: string) => rewrite(id, (before) => ({ ...before, log: before.log.slice(0, -1) })),
    remove: (id: string) => keep(thermometers.filter((each) => each.id !== id)),
  };
}
