export { Entry } from './Entry';
export { useCorrect } from './useCorrect';
