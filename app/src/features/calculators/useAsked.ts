import { useKitchen } from '../../store/useKitchen';
import { useRemembered } from '../../store/useRemembered';

/** What an instrument was asked the last time, in the units it was asked in: a six of kilograms is no six of pounds. */
export function useAsked<Fields extends Readonly<Record<string, string | number | null>>>(
  name: string,
  fresh: Fields,
): readonly [Fields, (patch: Partial<Fields>) => void] {
  const { units } = useKitchen();
  return useRemembered(`${name}.${units.temperature}.${units.mass}`, fresh);
}
