export * from './clock';
export * from './days';
export * from './availability';
