const FIRST_PAUSE = 400;
const LONGEST_PAUSE = 4000;
const MOST_FAILURES = 3;

/** The server or its database is not there at all: that says nothing about an entry. */
const AWAY = [429, 502, 503, 504];

/**
 * Sends the outbox in order, one entry at a time, until nothing waits. What the server has not answered is sent
 * again with the same number, so it counts once. An entry that is asked back steps aside and does not hold up the rest;
 * so does one that the server fails at more than three times: it is kept and shown, and can be sent again.
 *
 * @param store   the outbox
 * @param post    (url, body) => { status, data }; throws when the network fails
 * @param pause   (milliseconds) => promise
 * @param on      { answer(entry, data), asked(entry), state('sent' | 'away' | 'locked') }
 */
export function createSender({ store, post, pause, on }) {
    let isRunning = false;
    let wasNudged = false;

    async function sendAll() {
        let rest = FIRST_PAUSE;
        for (;;) {
            const entry = (await store.all()).find((one) => one.state === 'waiting');
            if (!entry) {
                on.state('sent');

                return;
            }
            const outcome = await deliver(entry);
            if (outcome === 'locked') {
                on.state('locked');

                return;
            }
            if (outcome === 'away') {
                on.state('away');
                await pause(rest);
                rest = Math.min(rest * 2, LONGEST_PAUSE);
            } else {
                rest = FIRST_PAUSE;
            }
        }
    }

    async function deliver(entry) {
        let reply;
        try {
            reply = await post(entry.url, entry.body);
        } catch {
            return 'away';
        }
        if (reply.status === 401 || reply.status === 419) {
            return 'locked';
        }
        if (AWAY.includes(reply.status)) {
            return 'away';
        }
        const failures = (entry.failures ?? 0) + 1;
        if (reply.status >= 500 && failures <= MOST_FAILURES) {
            await store.put({ ...entry, failures });

            return 'away';
        }
        if (reply.status >= 400) {
            const question = reply.data?.question ?? {
                kind: reply.status >= 500 ? 'failed' : 'refused',
                text: refusal(reply),
                choices: [],
            };
            const asked = { ...entry, failures: 0, state: 'asked', question };
            await store.put(asked);
            on.asked(asked);

            return 'asked';
        }
        await store.remove(entry.id);
        on.answer(entry, reply.data);

        return 'sent';
    }

    return {
        /** Starts sending; while it is sending already, it looks once more when it is through. */
        async nudge() {
            if (isRunning) {
                wasNudged = true;

                return;
            }
            isRunning = true;
            try {
                do {
                    wasNudged = false;
                    await sendAll();
                } while (wasNudged);
            } finally {
                isRunning = false;
            }
        },
    };
}

function refusal(reply) {
    if (reply.status >= 500) {
        return 'The server failed at this entry several times. It is kept here, and what comes after it goes on. Tell the owner.';
    }
    const first = Object.values(reply.data?.errors ?? {})[0]?.[0];

    return first ?? reply.data?.message ?? 'The server refuses this entry. Change it, or drop it.';
}
