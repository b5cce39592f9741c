import { planTrip } from '@tinder/core/plan';
import { exposeAlive } from './alive';
import { PLANNER, type Planner } from './planner';
import { warming } from './warming';

const warm = warming(planTrip);

exposeAlive({
  plan(...asked) {
    const news = PLANNER.plan(...asked);
    warm(asked[0]);
    return news;
  },
} satisfies Planner);
