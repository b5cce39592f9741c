export * from './brief';
export * from './home-work';
export * from './labels';
export * from './packing-list';
export * from './patterns';
export * from './patterns-for';
export * from './sheets';
export * from './stove-card';
