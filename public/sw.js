/**
 * Keeps the pages of jobs and machines as they were seen last, and what they are made of, so that a sheet opens again without the network.
 * What is keyed meanwhile waits in the page's own outbox. Whoever logs out takes the kept pages along.
 */
const PAGES = 'pages';
const FILES = 'files';
const NO_NETWORK = '/no-network';
const MOST = { [PAGES]: 40, [FILES]: 60 };
const OLDEST = 24 * 3_600_000;
const PATIENCE = 6_000;
const OPENS_AGAIN = /^\/$|^\/jobs\/[^/]+\/(receive|clean|cracks|measure|bores|judge|work|verify)(\/|$)|^\/machines(\/|$)/;
const IS_UNREACHABLE = [502, 503, 504];

self.addEventListener('install', (event) => {
    self.skipWaiting();
    event.waitUntil(keepPage(new Request(NO_NETWORK)));
});

self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

/** The page that was open before there was anybody to keep it. */
self.addEventListener('message', (event) => {
    const { type, page, files } = event.data ?? {};
    if (type === 'keep') {
        const pages = OPENS_AGAIN.test(new URL(page).pathname) ? [keepPage(new Request(page))] : [];
        event.waitUntil(Promise.all([...pages, ...files.map((file) => ofFile(new Request(file)))]));
    }
});

self.addEventListener('fetch', (event) => {
    const { request } = event;
    const url = new URL(request.url);
    if (url.origin !== location.origin) {
        return;
    }
    if (request.mode === 'navigate' && (url.pathname === '/login' || url.pathname === '/logout')) {
        event.respondWith(leave(request));
    } else if (request.method === 'GET' && url.pathname.startsWith('/build/')) {
        event.respondWith(ofFile(request));
    } else if (request.method === 'GET' && request.mode === 'navigate') {
        event.respondWith(ofPage(request, url));
    }
});

/** Named by what it holds: it never changes. */
async function ofFile(request) {
    const files = await caches.open(FILES);
    const kept = await files.match(request);
    if (kept) {
        return kept;
    }
    const response = await fetch(request);
    if (response.ok) {
        await files.put(request, response.clone());
        await forgetTheOldest(files, FILES);
    }

    return response;
}

/** Nothing of a person stays behind. */
async function leave(request) {
    const response = await fetch(request).catch(() => null);
    if (response === null) {
        return withoutNetwork();
    }
    await caches.delete(PAGES);
    await keepPage(new Request(NO_NETWORK));

    return response;
}

async function ofPage(request, url) {
    const answer = fetch(request);
    if (!OPENS_AGAIN.test(url.pathname)) {
        return answer.catch(withoutNetwork);
    }
    const response = await inTime(answer).catch(() => null);
    if (response !== null && !IS_UNREACHABLE.includes(response.status)) {
        await keep(request, response);

        return response;
    }

    return (await asItWas(request, response === null ? 'network' : 'server')) ?? answer.catch(withoutNetwork);
}

async function withoutNetwork() {
    return (await asItWas(new Request(NO_NETWORK))) ?? Response.error();
}

function inTime(answer) {
    return Promise.race([answer, new Promise((_, fail) => setTimeout(() => fail(new Error('too slow')), PATIENCE))]);
}

async function keepPage(request) {
    const response = await fetch(request, { credentials: 'same-origin', headers: { Accept: 'text/html' } }).catch(() => null);
    if (response !== null && !response.redirected) {
        await keep(request, response);
    }
}

async function keep(request, response) {
    if (response.status !== 200 || !(response.headers.get('Content-Type') ?? '').startsWith('text/html')) {
        return;
    }
    const pages = await caches.open(PAGES);
    const headers = new Headers(response.headers);
    headers.set('X-Kept-At', String(Date.now()));
    await pages.put(withoutHash(request.url), new Response(await response.clone().blob(), { headers }));
    await forgetTheOldest(pages, PAGES);
}

/** The page says by itself that it was kept, when, and what is out of reach: the network, or the server behind it. */
async function asItWas(request, lacking = 'network') {
    const kept = await (await caches.open(PAGES)).match(withoutHash(request.url));
    const keptAt = Number(kept?.headers.get('X-Kept-At'));
    const isFallback = new URL(request.url).pathname === NO_NETWORK;
    if (!kept || (!isFallback && Date.now() - keptAt > OLDEST)) {
        return null;
    }
    const html = (await kept.text()).replace('<html ', `<html data-kept-at="${keptAt}" data-lacking="${lacking}" `);

    return new Response(html, { headers: kept.headers });
}

async function forgetTheOldest(cache, name) {
    const keys = (await cache.keys()).filter((key) => new URL(key.url).pathname !== NO_NETWORK);
    await Promise.all(keys.slice(0, Math.max(0, keys.length - MOST[name])).map((key) => cache.delete(key)));
}

function withoutHash(address) {
    return address.split('#')[0];
}
