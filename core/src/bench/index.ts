export * from './burn-test';
export * from './calibrate';
export * from './compare';
export * from './cooling';
export * from './schedule';
export * from './test-errors';
export * from './test-value';
export * from './weighing';
