import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';

declare const self: ServiceWorkerGlobalScope;
/** What was built, each with what tells its versions apart; put in when it is built. */
declare const BUILT: { url: string; revision: string | null }[];

const SHELL = '/shell';

cleanupOutdatedCaches();
precacheAndRoute(BUILT, { cleanURLs: false, directoryIndex: '' });

// A page comes from the machine that serves as long as that answers; its frame is here otherwise.
registerRoute(
    new NavigationRoute(
        async ({ request }) => {
            try {
                return await fetch(request);
            } catch (thrown) {
                const shell = await matchPrecache(SHELL);
                if (shell === undefined) {
                    throw thrown;
                }
                return shell;
            }
        },
        { denylist: [/^\/(api|calendar|passphrase)(\/|$)/, /\.\w{1,12}$/] },
    ),
);

/** Not known to every browser yet, and not to the types. */
interface Routed extends ExtendableEvent {
    addRoutes?: (rules: { condition: { urlPattern: { pathname: string } }; source: 'network' }) => Promise<void>;
}

// Calls do not pass through here where the browser can be told so: hands wait for them.
self.addEventListener('install', (event: Routed) => {
    const told = event.addRoutes?.({ condition: { urlPattern: { pathname: '/api/*' } }, source: 'network' });
    if (told !== undefined) {
        event.waitUntil(told.catch(() => undefined));
    }
});
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
