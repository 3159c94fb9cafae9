export * from './schema';
export * from './catalogue';
export * from './forms';
export * from './search';
export * from './ownFood';
export * from './readMass';
