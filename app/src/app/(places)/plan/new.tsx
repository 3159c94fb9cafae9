import { NewPlanScreen } from '../../../features/plan/NewPlanScreen';
import { CooksOnly } from '../../../features/shell/CooksOnly';

export default function NewPlan() {
  return (
    <CooksOnly>
      <NewPlanScreen />
    </CooksOnly>
  );
}
