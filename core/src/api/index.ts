export * from './household';
export * from './foods';
export * from './problem';
