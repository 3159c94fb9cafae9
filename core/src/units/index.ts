export * from './temperature';
export * from './mass';
export * from './length';
export * from './duration';
export * from './unitSystem';
export * from './snap';
export * from './parseNumber';
export * from './capital';
