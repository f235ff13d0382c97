/**
 * The table of the bores as the server last sent it. An answer may bring only the columns that are not as the page has said it shows
 * them; they are put among the others.
 *
 * @param place  where the table stands, as it came with the page
 */
export function createColumns(place) {
    let html = place.innerHTML;

    return {
        /** What the server is told of the columns that are shown. */
        get marks() {
            return tableOf(html)?.dataset.columns ?? '';
        },
        /** The whole table after an answer; null where the page shows something else than the answer takes for known. */
        whole(sent) {
            const whole = together(html, sent);
            html = whole ?? html;

            return whole;
        },
    };
}

function together(shown, sent) {
    const [table, brought] = [tableOf(shown), tableOf(sent)];
    const positions = brought?.dataset.brings?.split(',').filter(Boolean).map(Number);
    const marks = brought?.dataset.columns?.split(',') ?? [];
    if (!positions || positions.length === marks.length) {
        return sent;
    }
    const known = table?.dataset.columns?.split(',') ?? [];
    const isKnown = marks.every((mark, index) => positions.includes(index + 1) || mark === known[index]);
    if (!isKnown || table.rows.length !== brought.rows.length) {
        return null;
    }
    [...brought.rows].forEach((row, line) =>
        positions.forEach((position, index) => table.rows[line].cells[position].replaceWith(row.cells[index + 1].cloneNode(true))),
    );
    table.dataset.columns = brought.dataset.columns;

    return table.outerHTML;
}

function tableOf(html) {
    const template = document.createElement('template');
    template.innerHTML = html;

    return template.content.querySelector('table');
}
