// What schemas are made with: the first of what saving reads, in tasks of their own.
export { isDay } from '@tinder/core/model';
