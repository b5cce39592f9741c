import { expose } from 'comlink';
import { GpxReader } from './gpx-reader';

expose(new GpxReader());
