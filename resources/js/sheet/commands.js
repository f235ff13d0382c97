import { goToFind } from '../find.js';
import { post } from '../outbox/post.js';
import { seatOf } from './seat.js';

/** What the letter keys of a sheet do, by key. */
export function createCommands(desk, { root, bore }) {
    const { page, dialogs, hand, feed } = desk;
    const { url, cursor } = page;

    function useGauge() {
        if (feed.gauge) {
            feed.ask(cursor.place);
        } else {
            desk.keep('claims', { gauge: dialogs.stated()?.instrument ?? '', seat: seatOf(sessionStorage) });
        }
    }

    function toggleAxes() {
        post('/shown/axes', {}).then(page.refresh).finally(hand.render);
    }

    function turnTo(address) {
        if (address) {
            location.assign(address);
        }
    }

    function goToBore() {
        const cylinder = url.endsWith('/bores') ? cursor.place?.split('.')[1] : null;
        if (cylinder) {
            location.assign(`${url.split('/sheets/')[0]}/bores/${cylinder}`);
        }
    }

    /** To where what the specification does not say is put in, and back here. */
    function goToLimits() {
        const [, , tag, ...here] = location.pathname.split('/');
        location.assign(`/jobs/${tag}/judge?back=${encodeURIComponent(here.join('/'))}`);
    }

    return {
        u: () => desk.keep('undo', {}),
        r: hand.onceMore,
        z: () => dialogs.setup(),
        c: () => dialogs.setup(),
        s: () => dialogs.size(),
        b: () => dialogs.check(),
        g: useGauge,
        j: dialogs.pair,
        l: goToLimits,
        m: dialogs.micrometer,
        x: toggleAxes,
        v: () => (bore ? bore.toSheet() : goToBore()),
        '[': () => (bore ? bore.next(-1) : turnTo(root.dataset.previous)),
        ']': () => (bore ? bore.next(1) : turnTo(root.dataset.next)),
        '?': dialogs.keys,
        '/': () => goToFind(document),
    };
}
