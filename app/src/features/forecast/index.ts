export { Assumptions } from './Assumptions';
export { CheapestChange } from './CheapestChange';
export { ForecastState } from './ForecastState';
export { readSincePlan } from './readSincePlan';
export {
  readRefrigerator,
  readTweaks,
  type RefrigeratorDraft,
  type TweakDraft,
  USUAL,
  USUAL_COLD,
  USUAL_WITH_THICKNESS,
} from './tweakDraft';
