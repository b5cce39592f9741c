export * from './containers';
export { drawDownG, EMPTY_G } from './draw-down';
export * from './packages';
export * from './prices';
export * from './profile';
export { reserveOfG, withReserve } from './reserve';
export * from './stage';
