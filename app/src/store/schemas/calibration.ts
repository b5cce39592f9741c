// Calibrations: a script of its own, read in a task of its own (read-schemas).
export { calibrationSchema } from '@tinder/core/model';
