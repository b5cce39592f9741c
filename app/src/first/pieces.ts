// Read by itself: the catalogue is drawn up while it is read, the demo after it.
export { PIECES } from '@tinder/core/kit';
