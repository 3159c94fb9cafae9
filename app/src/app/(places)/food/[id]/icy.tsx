export { IcyScreen as default } from '../../../../features/plan/IcyScreen';
