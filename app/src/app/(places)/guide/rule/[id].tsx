export { RuleScreen as default } from '../../../../features/guide/RuleScreen';
