export * from './bisect';
export * from './dormand-prince';
export * from './tabulated';
