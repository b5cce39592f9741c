import { exposeAlive } from './alive';
import { FileReader } from './file-reader';

exposeAlive(new FileReader());
