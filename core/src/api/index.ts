export * from './household';
export * from './foods';
export * from './stores';
export * from './problem';
