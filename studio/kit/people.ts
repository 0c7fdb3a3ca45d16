export * from './people/figure.ts';
export * from './people/hat.ts';
export * from './people/head-front.ts';
export * from './people/head-side.ts';
export * from './people/types.ts';
