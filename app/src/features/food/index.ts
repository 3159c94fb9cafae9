export { FoodScreen } from './FoodScreen';
export { NotForThem } from './NotForThem';
export { Reasons } from './Reasons';
export { RescueNotice } from './RescueNotice';
export { RulingPanel } from './RulingPanel';
export { WithFood } from './WithFood';
export { useAct, useRecord } from './useAct';
