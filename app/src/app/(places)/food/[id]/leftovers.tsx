export { LeftoversScreen as default } from '../../../../features/cool/LeftoversScreen';
