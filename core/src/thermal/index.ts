export * from './properties';
export * from './microwave';
