// Read by itself: nothing here is ours. What the frame takes of it beside this comes along.
export { createApplication } from '@angular/platform-browser';
export { provideRouter } from '@angular/router';
