// The larger half of what saving needs, read in a task before it.
export { kitSchema } from '@tinder/core/model';
