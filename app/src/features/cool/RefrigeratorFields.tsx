import { useKitchen } from '../../store/useKitchen';
import { Field } from '../../ui/Field';
import type { RefrigeratorDraft } from '../forecast';

interface RefrigeratorFieldsProps {
  readonly cold: RefrigeratorDraft;
  readonly onChange: (change: Partial<RefrigeratorDraft>) => void;
}

/** The refrigerator a cooling assumes, as the cook knows it. */
export function RefrigeratorFields({ cold, onChange }: RefrigeratorFieldsProps) {
  const { units } = useKitchen();
  const degrees = `°${units.temperature}` as const;
  const field = (label: string, key: keyof RefrigeratorDraft, unit?: typeof degrees) => (
    <Field
      label={label}
      numeric
      value={cold[key]}
      unit={unit}
      onChange={(text) => onChange({ [key]: text })}
    />
  );
  return (
    <>
      {field(`Set to, ${degrees}`, 'set', degrees)}
      {field(`Room, ${degrees}`, 'room', degrees)}
      {field('It removes, W', 'watts')}
    </>
  );
}
