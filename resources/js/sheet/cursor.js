/** Which place of the sheet is the current one; moves over the table as it stands in the page. */
export function createCursor(root) {
    let place = null;

    const cell = (key) => root.querySelector(`td[data-place="${CSS.escape(key)}"]`);

    function mark() {
        root.querySelectorAll('td.now').forEach((one) => one.classList.remove('now'));
        const current = place && cell(place);
        current?.classList.add('now');
        const view = current?.dataset.words?.split(',')[0];
        root.querySelectorAll('[data-view]').forEach((one) => one.toggleAttribute('data-shown', one.dataset.view === view));
        root.querySelectorAll('[data-setup-of]').forEach((one) =>
            one.toggleAttribute('data-shown', (one.dataset.shownAt ?? one.dataset.setupOf).split(' ').includes(place?.split('.')[0])),
        );
        root.dispatchEvent(new CustomEvent('moved', { detail: place }));
        const station = place?.startsWith('bore.') ? place.split('.')[2] : null;
        if (station && station !== 'land') {
            root.dataset.station = station;
        }
    }

    function move(rows, columns) {
        const current = place && cell(place);
        if (!current) {
            return;
        }
        const lines = [...root.querySelectorAll('table.bores tbody tr')].filter((row) => row.querySelector('[data-place]'));
        const line = lines.indexOf(current.parentElement) + rows;
        const beside = lines[line]?.cells[current.cellIndex + columns];
        // Another table has other columns: its first place then.
        const next = rows !== 0 && !beside?.dataset.place ? lines[line]?.querySelector('[data-place]') : beside;
        if (next?.dataset.place) {
            set(next.dataset.place);
            next.scrollIntoView({ block: 'nearest', inline: 'nearest' });
        }
    }

    function set(key) {
        place = key;
        mark();
    }

    return {
        set,
        move,
        mark,
        cell,
        get place() {
            return place;
        },
        /** What the place is called, and what may be keyed there. */
        get words() {
            return (place && cell(place)?.dataset.words) || '';
        },
        get prompt() {
            return (place && cell(place)?.dataset.prompt) || '';
        },
    };
}
