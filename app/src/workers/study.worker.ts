import { TRIPS_TRIED } from '@tinder/core/study';
import { expose } from 'comlink';
import { StudyHost } from './study-host';

expose(new StudyHost({ tripsDrawn: TRIPS_TRIED }));
