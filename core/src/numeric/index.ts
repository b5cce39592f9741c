export * from './bisect';
export * from './dormand-prince';
