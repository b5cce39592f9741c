// Kits: a script of its own, read in a task of its own (read-schemas).
export { kitSchema } from '@tinder/core/model';
