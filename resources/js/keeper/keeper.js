import { ago } from './ago.js';

const LOOK_AGAIN = 4_000;
const PAGES = 'pages';
const NO_NETWORK = '/no-network';
const LACKING = { network: 'No network.', server: 'The shop’s server is there and cannot work just now.' };

/**
 * Lets the browser keep the pages of somebody who is logged in, so that they open again without the network; a page that was opened so
 * says how old it is until the house can be reached.
 */
export async function startKeeper(page, isLoggedIn) {
    if (!('serviceWorker' in navigator)) {
        return;
    }
    if (page.documentElement.dataset.keptAt) {
        sayHowOld(page, page.documentElement.dataset);
    }
    if (isLoggedIn) {
        const isKeptAlready = navigator.serviceWorker.controller !== null;
        await navigator.serviceWorker.register('/sw.js').catch(() => null);
        if (!isKeptAlready) {
            keepThis(page, await navigator.serviceWorker.ready);
        }
    }
    listKept(page);
}

/** The first page is open before there is anybody to keep it. */
function keepThis(page, registration) {
    if (page.documentElement.dataset.keptAt) {
        return;
    }
    const files = [...page.querySelectorAll('link[rel=stylesheet], link[rel=modulepreload], script[src]')].map(
        (one) => one.href || one.src,
    );
    const fonts = performance.getEntriesByType('resource').map((one) => one.name);
    const ours = [...files, ...fonts].filter((file) => new URL(file).pathname.startsWith('/build/'));
    registration.active?.postMessage({ type: 'keep', page: location.href, files: [...new Set(ours)] });
}

function sayHowOld(page, { keptAt, lacking = 'network' }) {
    const line = page.querySelector('[data-kept]');
    if (!line) {
        return;
    }
    const say = () => {
        const when = ago(Date.now() - Number(keptAt));
        const kept = `What you key is kept here, and sent when the ${lacking} is back.`;
        line.textContent = `${LACKING[lacking]} This is the page as it was ${when}. ${kept}`;
    };
    // Only now: a page has one line that tells what was done, and this is none until there is something to say.
    line.setAttribute('role', 'status');
    say();
    line.hidden = false;
    const timer = setInterval(async () => {
        if (await isBack(lacking)) {
            clearInterval(timer);
            line.textContent = `The ${lacking} is back.`;
            page.documentElement.removeAttribute('data-kept-at');
            window.dispatchEvent(new Event('online'));
        } else {
            say();
        }
    }, LOOK_AGAIN);
}

/** That the house answers is enough where the network was away; where its database was, it says itself whether that is back. */
async function isBack(lacking) {
    const answer = await fetch(lacking === 'network' ? '/up' : '/health', { cache: 'no-store' }).catch(() => null);

    return lacking === 'network' ? answer?.ok === true : (await answer?.json().catch(() => null))?.database === 'ok';
}

/** On the page that stands for one that is not here. */
async function listKept(page) {
    const place = page.querySelector('[data-kept-pages]');
    if (!place) {
        return;
    }
    const pages = await caches.open(PAGES);
    for (const request of await pages.keys()) {
        const { pathname, search } = new URL(request.url);
        if (pathname !== location.pathname && pathname !== NO_NETWORK) {
            place.append(await lineOf(page, pathname + search, await pages.match(request)));
        }
    }
}

/** “NL-0406 Cylinder bores, 5 minutes ago” */
async function lineOf(page, address, kept) {
    const title = new DOMParser().parseFromString(await kept.text(), 'text/html').title.split(' · ')[0];
    const link = page.createElement('a');
    link.href = address;
    link.textContent = `${title}, ${ago(Date.now() - Number(kept.headers.get('X-Kept-At')))}`;
    const line = page.createElement('li');
    line.append(link);

    return line;
}
