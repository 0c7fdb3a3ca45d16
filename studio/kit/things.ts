export * from './things/bike.ts';
export * from './things/boats.ts';
export * from './things/food.ts';
export * from './things/lamps.ts';
export * from './things/street.ts';
export * from './things/table.ts';
