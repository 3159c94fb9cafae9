import { ThermometerScreen } from '../../../features/thermometers/ThermometerScreen';
import { CooksOnly } from '../../../features/shell/CooksOnly';

export default function Thermometer() {
  return (
    <CooksOnly>
      <ThermometerScreen />
    </CooksOnly>
  );
}
