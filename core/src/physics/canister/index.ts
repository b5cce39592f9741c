export * from './flow';
export * from './strength';
export * from './supply';
export * from './thermal';
export * from './vapour-pressure';
export * from './warming';
export * from './withdrawal';
