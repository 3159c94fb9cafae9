export * from './schema';
export * from './sources';
export * from './lookup';
export * from './describe';
export * from './thawTime';
export { homeRules } from './home';
