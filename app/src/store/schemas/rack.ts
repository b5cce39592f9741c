// The last of what saving reads before itself, in tasks of their own.
export { rackSchema } from '@tinder/core/model';
