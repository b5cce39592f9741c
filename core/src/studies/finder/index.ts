export { candidatesAt, type Candidate } from './candidates';
export * from './doubt';
export * from './flips';
export * from './found';
export * from './on-legs';
export * from './risk';
export * from './search';
