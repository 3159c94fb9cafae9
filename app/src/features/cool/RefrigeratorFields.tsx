import { useKitchen } from '../../store/useKitchen';
import { Field } from '../../ui/Field';
import type { RefrigeratorDraft } from '../forecast/tweakDraft';

interface RefrigeratorFieldsProps {
  readonly cold: RefrigeratorDraft;
  readonly onChange: (cold: RefrigeratorDraft) => void;
}

/** The refrigerator a cooling assumes, as the cook knows it. */
export function RefrigeratorFields({ cold, onChange }: RefrigeratorFieldsProps) {
  const { units } = useKitchen();
  const field = (label: string, key: keyof RefrigeratorDraft) => (
    <Field label={label} numeric value={cold[key]} onChange={(text) => onChange({ ...cold, [key]: text })} />
  );
  return (
    <>
      {field(`Set to, °${units.temperature}`, 'set')}
      {field(`Room, °${units.temperature}`, 'room')}
      {field('It removes, W', 'watts')}
    </>
  );
}
