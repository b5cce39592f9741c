export * from './drift';
export * from './float';
export * from './join';
export * from './pole';
export * from './reading';
export * from './tare';
export * from './timed-burns';
export * from './vapour';
