/**
 * A part of the page as the server last sent it: the table of the bores or their drawing. An answer may bring only what is not as the
 * page has said it shows it, column by column and bore by bore; that is put together with the rest.
 *
 * @param place  where it stands, as it came with the page
 * @param join  `(known, brought, positions) => html`, or null where they do not fit
 */
export function createKnown(place, join) {
    let html = place.innerHTML;

    return {
        /** Marks of what is shown: of each column, and of the frame that all of them stand in. */
        get marks() {
            const { columns = '', frame = '' } = rootOf(html)?.dataset ?? {};

            return { columns, frame };
        },
        /** The whole part after an answer; null where the page shows something else than the answer takes for known. */
        whole(sent) {
            const whole = together(html, sent, join);
            html = whole ?? html;

            return whole;
        },
    };
}

function together(shown, sent, join) {
    const [known, brought] = [rootOf(shown), rootOf(sent)];
    if (!brought) {
        return sent;
    }
    const marks = brought.dataset.columns.split(',');
    const positions = brought.dataset.brings.split(',').filter(Boolean).map(Number);
    if (positions.length === marks.length) {
        return sent;
    }
    const shownMarks = known?.dataset.columns.split(',') ?? [];
    const isKnown = marks.every((mark, index) => positions.includes(index + 1) || mark === shownMarks[index]);

    return isKnown && known.dataset.frame === brought.dataset.frame ? join(known, brought, positions) : null;
}

function rootOf(html) {
    const template = document.createElement('template');
    template.innerHTML = html;

    return template.content.querySelector('[data-columns]');
}

/** The columns of a table put among those that are shown. */
export function joinColumns(known, brought, positions) {
    if (known.rows.length !== brought.rows.length) {
        return null;
    }
    [...brought.rows].forEach((row, line) =>
        positions.forEach((position, index) => known.rows[line].cells[position].replaceWith(row.cells[index + 1].cloneNode(true))),
    );
    known.dataset.columns = brought.dataset.columns;

    return known.outerHTML;
}

/** The bores of a drawing that were not sent, as they are shown, in the order in which they are drawn. */
export function joinBores(known, brought) {
    const words = brought.querySelector(':scope > text');
    for (const bore of known.querySelectorAll('[data-bore]')) {
        const sent = brought.querySelector(`[data-bore="${bore.dataset.bore}"]`);
        brought.insertBefore(sent ?? bore.cloneNode(true), words);
    }
    brought.dataset.brings = known.dataset.brings;

    return brought.outerHTML;
}
