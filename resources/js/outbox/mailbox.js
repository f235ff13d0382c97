import { openOutbox } from './outbox.js';
import { post as postPlainly } from './post.js';
import { createSender } from './sender.js';
import { sayWhatWaits } from './waiting.js';

/**
 * The outbox of a job with its sender, for every kind of page: what is kept goes to the server in order and once, sent by
 * one window at a time, and the margin says what still waits.
 *
 * @param box  the outbox's name; pages of one job share it
 * @param on   { answer(entry, data), asked(entry) }
 * @param post  (url, body) => { status, data }; throws when the network fails
 * @return { store, keep(entry), nudge() }
 */
export async function openMailbox(box, on, post = postPlainly) {
    const margin = document.querySelector('[data-outbox-state]');
    const store = await openOutbox(box);
    const sender = createSender({
        store,
        post,
        pause: (time) => new Promise((done) => setTimeout(done, time)),
        on: {
            ...on,
            async state(name) {
                const waiting = (await store.all()).filter((one) => one.state === 'waiting');
                sayWhatWaits(margin, waiting.length, name === 'locked');
            },
        },
    });
    const nudge = () => (navigator.locks ? navigator.locks.request(`outbox ${box}`, sender.nudge) : sender.nudge());
    window.addEventListener('online', nudge);

    return {
        store,
        nudge,
        /** On disk before anything else happens. */
        async keep(entry) {
            await store.add(entry);
            nudge();
        },
    };
}
