import { expose } from 'comlink';
import { FileReader } from './file-reader';

expose(new FileReader());
