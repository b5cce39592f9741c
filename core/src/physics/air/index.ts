export * from './atmosphere';
export * from './convection';
