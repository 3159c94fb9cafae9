export { CoolScreen as default } from '../../../../features/cool/CoolScreen';
