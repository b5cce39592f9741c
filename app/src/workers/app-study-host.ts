import { planCache } from '@tinder/core/planning/plan';
import { TRIPS_TRIED } from '@tinder/core/planning/risk';
import { StudyHost } from './study-host';

/** The studies as the app runs them. */
export const appStudyHost = (): StudyHost => new StudyHost({ tripsDrawn: TRIPS_TRIED, cache: planCache() });
