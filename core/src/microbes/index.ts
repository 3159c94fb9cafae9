export * from './history';
export * from './lethality';
export * from './growth';
export * from './organisms';
