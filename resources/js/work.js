const STEPS = { ArrowLeft: [0, -1], ArrowRight: [0, 1], ArrowUp: [-1, 0], ArrowDown: [1, 0] };

/**
 * The order of work: a cell is gone to by a touch or by the arrows while the entry line is empty. The line is at the new
 * place at once, network or not; what else is known of it follows from the server.
 */
export function startWork(root) {
    root.addEventListener('click', (event) => {
        const cell = event.target.closest('[data-op]');
        if (cell && !event.ctrlKey && !event.metaKey && !event.shiftKey) {
            event.preventDefault();
            goTo(root, cell);
        }
    });
    root.addEventListener('keydown', (event) => {
        const step = STEPS[event.key];
        if (step && event.target.matches('[data-entry] input') && event.target.value === '') {
            const cell = neighbour(rowsOf(root), step);
            if (cell) {
                event.preventDefault();
                goTo(root, cell);
            }
        }
    });
    // What is sent is in the outbox: the line goes on at once, so that nobody waits for an answer before the next size.
    root.addEventListener('submit', (event) => {
        const form = event.target;
        const goesOn = form.matches('[data-entry]') && !form.querySelector('input[name=state]');
        const next = goesOn ? nextOpen(rowsOf(root)) : null;
        if (next) {
            form.elements.at.value = next.dataset.op;
            setTimeout(() => {
                form.reset();
                goTo(root, next);
            });
        }
    });
    root.addEventListener('kept', () => entryOf(root)?.querySelector('#entry-value')?.focus());
    // After a write the server says what is next.
    root.addEventListener('shown', () => {
        root.dataset.at = entryOf(root)?.elements.operation.value ?? '';
    });
    root.dataset.at = entryOf(root)?.elements.operation.value ?? '';
}

function rowsOf(root) {
    return [...root.querySelectorAll('.cells')].map((row) => [...row.querySelectorAll('[data-op]')]);
}

/** The cell beside, above or below the current one; a shorter row is entered at its end. */
export function neighbour(rows, [down, across]) {
    const row = rows.findIndex((cells) => cells.some((cell) => cell.classList.contains('here')));
    if (row < 0) {
        return rows[0]?.[0] ?? null;
    }
    const column = rows[row].findIndex((cell) => cell.classList.contains('here'));
    const target = rows[row + down] ?? [];

    return down === 0 ? (target[column + across] ?? null) : (target[Math.min(column, target.length - 1)] ?? null);
}

/** The next cell of the current row that can be done: to the right, else from the left. */
export function nextOpen(rows) {
    const row = rows.find((cells) => cells.some((cell) => cell.classList.contains('here'))) ?? [];
    const column = row.findIndex((cell) => cell.classList.contains('here'));

    return [...row.slice(column + 1), ...row.slice(0, Math.max(0, column))].find((cell) => cell.classList.contains('open')) ?? null;
}

function goTo(root, cell) {
    for (const one of root.querySelectorAll('[data-op].here')) {
        one.classList.remove('here');
    }
    cell.classList.add('here');
    const form = entryOf(root);
    if (form) {
        form.elements.operation.value = cell.dataset.op;
        form.elements.at.value = '';
        form.querySelector('label').textContent = cell.dataset.name;
        form.querySelector('input:not([type=hidden])')?.focus();
    }
    root.dispatchEvent(new CustomEvent('at', { detail: cell.dataset.op }));
}

function entryOf(root) {
    return root.querySelector('[data-entry]');
}
