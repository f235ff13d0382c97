const LOOK_AGAIN = 400;

/**
 * The readings of a gauge that this page has claimed. Each is handed over once, in order, and only while the page can
 * take one; the server keeps them until the page has them in its outbox.
 *
 * @param seat    this page's number, the same after a reload
 * @param post    (url, body) => { status, data }
 * @param take    async (line) => true once it is in the outbox, false where the page cannot take one now
 * @param say     (gauge | null, complaint) => void
 */
export function createFeed({ seat, post, take, say }) {
    const handedOver = new Set();
    let gauge = null;
    let isLooking = false;

    async function look() {
        const answer = await fetch(`/feed/waiting?seat=${seat}`, {
            credentials: 'same-origin',
            headers: { Accept: 'application/json' },
        }).catch(() => null);
        if (answer?.status !== 200) {
            return;
        }
        const waiting = await answer.json();
        if (waiting.gauge !== gauge) {
            gauge = waiting.gauge;
            say(gauge, '');
        }
        const taken = [];
        for (const line of waiting.lines) {
            if (handedOver.has(line.ulid) || (await take(line))) {
                handedOver.add(line.ulid);
                taken.push(line.ulid);
            } else {
                break;
            }
        }
        if (taken.length > 0) {
            await post('/feed/taken', { seat, lines: taken }).catch(() => null);
        }
    }

    async function keepLooking() {
        if (isLooking) {
            return;
        }
        isLooking = true;
        do {
            await look();
            await new Promise((done) => setTimeout(done, LOOK_AGAIN));
        } while (gauge !== null);
        isLooking = false;
    }

    return {
        start: keepLooking,
        get gauge() {
            return gauge;
        },
        /** What the server said to a claim: the gauge, or why it has none to give. */
        claimed(tag, complaint) {
            gauge = tag;
            say(gauge, complaint);
            keepLooking();
        },
        ask: (place) => post('/feed/asks', { seat, place }).catch(() => say(gauge, 'No connection: the gauge was not asked.')),
        async release() {
            await post('/feed/releases', { seat }).catch(() => null);
            gauge = null;
            say(null, '');
        },
    };
}
