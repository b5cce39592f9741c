export * from './constants';
export * from './saturation';
export * from './snow';
