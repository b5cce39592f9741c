// What schemas are made with: a script of its own, read in a task of its own (read-schemas).
export { isDay } from '@tinder/core/model';
