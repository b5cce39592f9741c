export * from './cooked-as';
export * from './found-kit';
export * from './front';
export * from './taken';
export * from './wish';
