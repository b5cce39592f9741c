import { EARLY_PLANNER } from './early';
// the worker goes first
import { createApplication } from '@angular/platform-browser';
import { DEMO_TRIP } from '@tinder/core/demo';
import { appConfig } from './app.config';
import { routes } from './app.routes';
import { BEEN_HERE } from './platform/been-here';
import { AppShell } from './shell/app-shell';

const [, path] = location.pathname.split('/');
// the view that was asked for comes while the frame is built; what cannot be had is told of when it is gone to
const view = routes.find((r) => r.path === (path || 'carry'))?.loadComponent?.();
if (view instanceof Promise) view.catch(() => undefined);
// a first visit shows the demo: its plan need not wait until it is known that nothing is saved
if (!BEEN_HERE.read()) EARLY_PLANNER?.call((planner) => planner.plan(DEMO_TRIP)).catch(() => undefined);

// tasks of their own, so that a slow phone is held by none of them for long: reading the scripts has been one already
const inATask = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));
inATask()
  .then(() => createApplication(appConfig))
  .then((app) => inATask().then(() => app.bootstrap(AppShell)))
  .catch((error: unknown) => console.error(error));
