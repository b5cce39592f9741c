// The second of what saving reads, in tasks of their own.
export { kitSchema } from '@tinder/core/model';
