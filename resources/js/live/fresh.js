import { swap } from './swap.js';

const LOOK_AGAIN = 2500;

/** A place that shows what others do: it is asked for again while somebody can see it, and turned into what is new. */
export async function startFresh(place) {
    let known = '';
    for (;;) {
        await new Promise((done) => setTimeout(done, LOOK_AGAIN));
        if (document.visibilityState === 'visible') {
            known = await refresh(place, known).catch(() => known);
        }
    }
}

/** What the server calls the state that is shown now. */
async function refresh(place, known) {
    const response = await fetch(place.dataset.fresh, {
        credentials: 'same-origin',
        headers: { Accept: 'text/html', 'If-None-Match': known },
        redirect: 'error',
    });
    if (response.status !== 200) {
        return known;
    }
    swap(place, await response.text());

    return response.headers.get('ETag') ?? '';
}
