// A file that the phone's share sheet hands over comes as a POST to “shared”: it is kept until the page, opened with “?shared”, has read it.
// All else is Angular's service worker's (ngsw-config.json).
/* global self, caches, importScripts, Response */
const SHARED = 'shared-file';

async function keep(request) {
  const file = (await request.formData()).get('file');
  if (file) {
    const cache = await caches.open(SHARED);
    await cache.put(SHARED, new Response(file, { headers: { 'x-name': encodeURIComponent(file.name) } }));
  }
  return Response.redirect('./?shared', 303);
}

self.addEventListener('fetch', (event) => {
  if (event.request.method !== 'POST' || !new URL(event.request.url).pathname.endsWith('/shared')) return;
  event.stopImmediatePropagation();
  event.respondWith(keep(event.request));
});
importScripts('./ngsw-worker.js');
