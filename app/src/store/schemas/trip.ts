// Trips: a script of its own, read in a task of its own (read-schemas).
export { tripSchema } from '@tinder/core/model';
