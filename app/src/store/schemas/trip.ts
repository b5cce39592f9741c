// The fourth of what saving reads, in tasks of their own.
export { tripSchema } from '@tinder/core/model';
