import { exposeAlive } from './alive';
import { appStudyHost } from './app-study-host';

exposeAlive(appStudyHost());
