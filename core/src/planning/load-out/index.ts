export * from './can-bound';
export * from './cans';
export * from './crossings';
export { fresh, type HeldCan, type OwnCan } from './held-cans';
export * from './poured';
export * from './rest-bound';
export * from './single';
