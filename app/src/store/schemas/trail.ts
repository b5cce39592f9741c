// Stops and legs: a script of its own, read in a task of its own (read-schemas).
export { legSchema } from '@tinder/core/model';
