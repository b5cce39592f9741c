export * from './format';
export * from './parse';
export * from './units';
