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
    const sent = operationsOnTheirWay(root);
    goOnAfterSending(root, sent);
    root.addEventListener('kept', (event) => {
        if (event.detail.form === 'entry-operation') {
            entryOf(root)?.querySelector('#entry-value')?.focus();
        }
    });
    // An answer may be about where the line stood before: the cell that is marked is where it stands.
    root.addEventListener('shown', () => {
        const operation = entryOf(root)?.elements.operation.value ?? '';
        mark(root, operation);
        // The line stays nowhere that was sent already: the answer to that says what is next.
        root.dataset.at = sent.has(operation) ? '' : operation;
    });
    root.dataset.at = entryOf(root)?.elements.operation.value ?? '';
    root.addEventListener('again', (event) => keyAgain(root, event.detail));
}

/** What was refused goes back to its place, to be put right where it was typed. */
function keyAgain(root, body) {
    const cell = rowsOf(root)
        .flat()
        .find((one) => one.dataset.op === body.operation);
    if (!cell) {
        return;
    }
    root.addEventListener('stood', () => fill(entryOf(root), body), { once: true });
    goTo(root, cell);
}

function fill(form, body) {
    for (const name of ['actual', 'remark']) {
        const field = form?.elements[name];
        if (field && body[name]) {
            field.value = body[name];
        }
    }
    form?.querySelector('#entry-value')?.select();
}

/**
 * What is sent is in the outbox: the line goes on at once, so that nobody waits for an answer before the next size. The form is
 * emptied only after it was taken, which is what the document does with it.
 */
function goOnAfterSending(root, sent) {
    let next = null;
    root.addEventListener('submit', (event) => {
        const goesOn = event.target.matches('[data-entry]') && !event.target.querySelector('input[name=state]');
        if (goesOn) {
            sent.add(event.target.elements.operation.value);
        }
        next = goesOn ? nextOpen(rowsOf(root), sent) : null;
        if (goesOn) {
            event.target.elements.at.value = next?.dataset.op ?? '';
            root.dataset.at = '';
        }
    });
    window.addEventListener('submit', (event) => {
        if (next && event.defaultPrevented) {
            event.target.reset();
            goTo(root, next);
        }
        next = null;
    });
}

/** What was sent and not answered: an answer to something earlier shows it as it was before. */
function operationsOnTheirWay(root) {
    const sent = new Set();
    for (const settled of ['kept', 'asked']) {
        root.addEventListener(settled, (event) => sent.delete(event.detail.body.operation));
    }

    return sent;
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

/** The next cell of the current row that can be done and was not sent already: to the right, else from the left. */
export function nextOpen(rows, sent) {
    const row = rows.find((cells) => cells.some((cell) => cell.classList.contains('here'))) ?? [];
    const column = row.findIndex((cell) => cell.classList.contains('here'));

    return (
        [...row.slice(column + 1), ...row.slice(0, Math.max(0, column))].find(
            (cell) => cell.classList.contains('open') && !sent.has(cell.dataset.op),
        ) ?? null
    );
}

function goTo(root, cell) {
    mark(root, cell.dataset.op);
    const form = entryOf(root);
    if (form) {
        form.elements.operation.value = cell.dataset.op;
        form.elements.at.value = '';
        form.querySelector('label').textContent = cell.dataset.name;
        form.querySelector('input:not([type=hidden])')?.focus();
    }
    root.dispatchEvent(new CustomEvent('at', { detail: cell.dataset.op }));
}

function mark(root, operation) {
    for (const cell of root.querySelectorAll('[data-op]')) {
        cell.classList.toggle('here', cell.dataset.op === operation);
    }
}

function entryOf(root) {
    return root.querySelector('[data-entry]');
}
