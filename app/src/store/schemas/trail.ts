// The third of what saving reads, in tasks of their own.
export { legSchema } from '@tinder/core/model';
