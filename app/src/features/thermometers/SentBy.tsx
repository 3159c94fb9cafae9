import { useDevicesQuery } from '../../store/devicesApi';
import { Choice } from '../../ui/Choice';

const NONE = 'none';

interface SentByProps {
  readonly device: string | undefined;
  readonly onChange: (device: string | undefined) => void;
}

/** Which device sends what a thermometer shows: its checks then count for what is sent. Nothing where there is no device. */
export default function SentBy({ device, onChange }: SentByProps) {
  const { data } = useDevicesQuery();
  if (!data || data.devices.length === 0) return null;
  return (
    <Choice
      label="What it shows is sent by"
      value={device ?? NONE}
      onChange={(id) => onChange(id === NONE ? undefined : id)}
      options={[
        { value: NONE, label: 'Nothing: it is read' },
        ...data.devices.map(({ id, name }) => ({ value: id, label: name })),
      ]}
    />
  );
}
