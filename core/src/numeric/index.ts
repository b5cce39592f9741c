export * from './bisect';
export * from './dormand-prince';
export * from './gaussian';
export * from './hashed';
export * from './nearest';
export * from './remembering';
export * from './statistics';
export * from './tabulated';
