/// <reference lib="webworker" />
import { cleanupOutdatedCaches, createHandlerBoundToURL, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';

declare const self: ServiceWorkerGlobalScope;

self.skipWaiting();
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
cleanupOutdatedCaches();
precacheAndRoute(self.__WB_MANIFEST);

// The athlete's page opens without a network; the desk's always comes from the server.
const athletes = /^\/a(\/|$)/;
registerRoute(new NavigationRoute(createHandlerBoundToURL('/phone.html'), { allowlist: [athletes] }));

/** A reminder: one at a time, with no word of health on a locked screen. */
self.addEventListener('push', (event) => {
  let text = 'A word from your coach.';
  try {
    text = (event.data?.json() as { text?: string } | undefined)?.text ?? text;
  } catch {
    // What cannot be read is still a reminder.
  }
  event.waitUntil(
    self.registration.showNotification('Tropaeum', { body: text, tag: 'reminder', icon: '/icon-192.png' }),
  );
});

self.addEventListener('notificationclick', (event) => {
  event.notification.close();
  const open = async () => {
    const pages = await self.clients.matchAll({ type: 'window' });
    const page = pages.find(({ url }) => athletes.test(new URL(url).pathname));
    if (page) await page.focus();
    else await self.clients.openWindow('/a');
  };
  event.waitUntil(open());
});
