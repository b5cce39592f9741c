// Read by itself: the rack, shelf and bench of the demo are drawn up while they are read.
export { DEMO_RACK } from '@tinder/core/demo';
