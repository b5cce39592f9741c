import { Injectable } from '@angular/core';
import { StudyWorker } from './study-worker';

/** A worker of their own for the studies that follow a drag behind the plan: none of them waits for one that rests and takes a second. */
@Injectable({ providedIn: 'root' })
export class FollowingWorker extends StudyWorker {}
