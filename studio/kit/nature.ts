export * from './nature/birds.ts';
export * from './nature/land.ts';
export * from './nature/plants.ts';
export * from './nature/sky.ts';
export * from './nature/water.ts';
