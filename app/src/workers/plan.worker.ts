import { planTrip } from '@tinder/core/plan';
import { expose } from 'comlink';
import type { Planner } from './planner';

// nothing but planning runs here: no study ever makes a drag wait
const planner: Planner = { plan: (trip, report) => planTrip(trip, report) };
expose(planner);
