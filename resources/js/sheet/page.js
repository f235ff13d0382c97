import { swap } from '../live/swap.js';
import { createCursor } from './cursor.js';
import { createKnown, joinBores, joinColumns } from './known.js';
import { changesSince } from '../outbox/post.js';

const LOOK_AGAIN = 2000;

/** The parts of a sheet's page that the server renders, where the cursor stands in them, and where it goes next. */
export function createPage(root) {
    const { url } = root.dataset;
    let head = Number(root.dataset.head);
    let walk = JSON.parse(root.dataset.walk);
    const known = {
        drawing: createKnown(root.querySelector('[data-fragment="drawing"]'), joinBores),
        table: createKnown(root.querySelector('[data-fragment="table"]'), joinColumns),
    };
    const cursor = createCursor(root);
    cursor.set(walk[0]?.place ?? root.querySelector('[data-place]')?.dataset.place ?? null);

    function show(answer) {
        if (answer.head < head) {
            return;
        }
        head = answer.head;
        walk = answer.walk;
        const fragments = { ...answer.fragments };
        for (const [name, part] of Object.entries(known)) {
            fragments[name] = part.whole(fragments[name]);
        }
        for (const [name, html] of Object.entries(fragments)) {
            if (html !== null) {
                swap(document.querySelector(`[data-fragment="${name}"]`), html);
            }
        }
        cursor.mark();
        if (Object.values(fragments).includes(null)) {
            refresh();
        }
    }

    /** Everything anew, whatever is known already. */
    async function refresh() {
        const answer = await changesSince(`${url}/changes`, -1).catch(() => null);
        if (answer) {
            show(answer);
        }
    }

    return {
        url,
        cursor,
        show,
        get walk() {
            return walk;
        },
        refresh,
        /** What the server is told with an entry, so that its answer brings only what the page does not show. */
        get shown() {
            const { columns } = known.table.marks;

            return columns === '' ? {} : { 'X-Shown-Columns': columns, 'X-Shown-Frame': known.drawing.marks.frame };
        },
        /** Shows what others write, for as long as the page stands. */
        async watchOthers() {
            for (;;) {
                await new Promise((done) => setTimeout(done, LOOK_AGAIN));
                const answer = document.visibilityState === 'visible' ? await changesSince(`${url}/changes`, head).catch(() => null) : null;
                if (answer) {
                    show(answer);
                    root.dispatchEvent(new CustomEvent('shown'));
                }
            }
        },
    };
}
