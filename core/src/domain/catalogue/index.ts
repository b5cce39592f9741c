export * from './burners';
export * from './families';
export * from './pots';
