// Meals and dishes: a script of its own, read in a task of its own (read-schemas).
export { dishSchema } from '@tinder/core/model';
