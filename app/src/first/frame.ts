import { createApplication } from '@angular/platform-browser';
import { Router } from '@angular/router';
import { appConfig } from '../app.config';
import { routes } from '../app.routes';
import { AppShell } from '../shell/app-shell';
import { WorkspaceStore } from '../store/workspace-store';
import { inATask } from '../platform/in-a-task';

/** Begins the app: its services in one task, its frame in another. */
export async function beginApp(): Promise<void> {
  const [, path] = location.pathname.split('/');
  // the view that was asked for comes while the frame is built; what cannot be had is told of when it is gone to
  const view = routes.find((r) => r.path === (path || 'carry'))?.loadComponent?.();
  if (view instanceof Promise) view.catch(() => undefined);
  await inATask();
  const app = await createApplication(appConfig);
  await inATask();
  // made before the frame, which would make them in its own task
  const router = app.injector.get(Router);
  app.injector.get(WorkspaceStore);
  await inATask();
  app.bootstrap(AppShell);
  await inATask();
  router.initialNavigation();
}
