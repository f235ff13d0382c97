/**
 * Rows that are answered by one key: arrows go up and down, a row's keys press its buttons and go on to the next row.
 * In a row's field, Enter answers as the row stands and Escape goes back to the row.
 */
export function listenToRows(root) {
    root.addEventListener('keydown', (event) => {
        const row = event.target.closest('[data-row]');
        if (!row || event.ctrlKey || event.metaKey || event.altKey) {
            return;
        }
        const action = actionOf(event, row, [...root.querySelectorAll('[data-row]')]);
        if (action) {
            event.preventDefault();
            action();
        }
    });
}

function actionOf(event, row, rows) {
    const isField = event.target.matches('input, select, textarea');
    if (isField) {
        return fieldAction(event, row);
    }
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (step) {
        return () => rows[rows.indexOf(row) + step]?.focus();
    }
    const button = event.target === row || event.key.length === 1 ? row.querySelector(`[data-key="${CSS.escape(event.key)}"]`) : null;
    if (!button) {
        return null;
    }

    return () => {
        if (button.matches('[data-opens]')) {
            row.querySelector(button.dataset.opens)?.focus();
        } else {
            button.click();
            rows[rows.indexOf(row) + 1]?.focus();
        }
    };
}

function fieldAction(event, row) {
    if (event.key === 'Escape') {
        return () => row.focus();
    }
    const standing = row.querySelector('button[aria-pressed=true]') ?? row.querySelector('[data-default]');
    if (event.key === 'Enter' && standing && !event.target.matches('textarea, select')) {
        return () => {
            standing.click();
            row.focus();
        };
    }

    return null;
}
