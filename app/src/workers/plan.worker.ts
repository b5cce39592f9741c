import { exposeAlive } from './alive';
import { PLANNER } from './planner';

exposeAlive(PLANNER);
