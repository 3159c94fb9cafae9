export { CookScreen as default } from '../../../../features/cook/CookScreen';
