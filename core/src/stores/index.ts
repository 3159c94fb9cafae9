export * from './shelves';
