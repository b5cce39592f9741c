import { exposeAlive } from './alive';
import { GpxReader } from './gpx-reader';

exposeAlive(new GpxReader());
