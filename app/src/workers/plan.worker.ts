import { TRIPS_TRIED } from '@tinder/core';
import { expose } from 'comlink';
import { plannerDrawing } from './planner';

expose(plannerDrawing(TRIPS_TRIED));
