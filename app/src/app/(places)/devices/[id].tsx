import { DeviceScreen } from '../../../features/devices/DeviceScreen';
import { CooksOnly } from '../../../features/shell/CooksOnly';

export default function Device() {
  return (
    <CooksOnly>
      <DeviceScreen />
    </CooksOnly>
  );
}
