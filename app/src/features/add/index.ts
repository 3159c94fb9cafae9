export { KindPicker } from './KindPicker';
export { UsualFoods } from './UsualFoods';
export { typedMass } from './addDraft';
