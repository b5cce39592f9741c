import { exposeAlive } from './alive';
import { TrackReader } from './track-reader';

exposeAlive(new TrackReader());
