import { DevicesScreen } from '../../../features/devices/DevicesScreen';
import { CooksOnly } from '../../../features/shell/CooksOnly';

export default function Devices() {
  return (
    <CooksOnly>
      <DevicesScreen />
    </CooksOnly>
  );
}
