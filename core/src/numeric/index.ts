export * from './bisect';
export * from './dormand-prince';
export * from './nearest';
export * from './tabulated';
