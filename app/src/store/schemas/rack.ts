// The rack: a script of its own, read in a task of its own (read-schemas).
export { rackSchema } from '@tinder/core/model';
