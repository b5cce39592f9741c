export * from './dormand-prince';
