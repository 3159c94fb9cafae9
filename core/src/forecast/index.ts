export * from './assumptions';
export * from './geometry';
export * from './thaw';
export * from './containers';
export * from './cooling';
export * from './coolingVerdict';
export * from './roast';
