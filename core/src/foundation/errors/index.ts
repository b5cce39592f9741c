export * from './out-of-range';
export * from './result';
