export * from './schema';
export * from './catalogue';
export * from './forms';
export * from './search';
export { says } from './kitchenWords';
export * from './ownFood';
export * from './readMass';
