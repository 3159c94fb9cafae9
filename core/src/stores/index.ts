export { shelfObjections } from './shelves';
