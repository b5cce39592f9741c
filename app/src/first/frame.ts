import { createApplication } from '@angular/platform-browser';
import { Router } from '@angular/router';
import { appConfig } from '../app.config';
import { routes } from '../app.routes';
import { AppCommands } from '../shell/app-commands';
import { AppShell } from '../shell/app-shell';
import { Autosave } from '../store/autosave';
import { Importing } from '../store/importing';
import { WorkspaceStore } from '../store/workspace-store';
import { HandedFile } from '../platform/handed-file';
import { inATask } from '../platform/in-a-task';
import { Turns } from '../ui/in-turn';

/** What the frame asks for: made before it, each in a task of its own. */
const ITS_SERVICES = [Router, WorkspaceStore, Autosave, AppCommands, Importing, HandedFile];

/** Begins the app: its services, then its frame, which takes the place of the first one when it is whole. */
export async function beginApp(): Promise<void> {
  const [, path] = location.pathname.split('/');
  // the view that was asked for comes while the frame is built; what cannot be had is told of when it is gone to
  const view = routes.find((r) => r.path === (path || 'carry'))?.loadComponent?.();
  if (view instanceof Promise) view.catch(() => undefined);
  await inATask();
  const app = await createApplication(appConfig);
  for (const service of ITS_SERVICES) {
    await inATask();
    app.injector.get<unknown>(service);
  }
  await inATask();
  const frame = document.createElement('app-root');
  app.bootstrap(AppShell, frame);
  await app.injector.get(Turns).whole();
  document.querySelector('app-root')?.replaceWith(frame);
  await inATask();
  app.injector.get(Router).initialNavigation();
}
