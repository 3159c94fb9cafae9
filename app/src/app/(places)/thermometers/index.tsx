import { ThermometersScreen } from '../../../features/thermometers/ThermometersScreen';
import { CooksOnly } from '../../../features/shell/CooksOnly';

export default function Thermometers() {
  return (
    <CooksOnly>
      <ThermometersScreen />
    </CooksOnly>
  );
}
