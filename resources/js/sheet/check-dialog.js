/** The dialog in which a gauge is put back on its master; a gauge that shows sizes is also asked for the master's. */
export function createCheckDialog(dialog, write) {
    const form = dialog.querySelector('[data-check-form]');
    const error = dialog.querySelector('[data-check-error]');
    const field = (name) => form.elements.namedItem(name);
    let boresShowSizes = false;

    function showFields() {
        form.querySelector('[data-only-sizes]').hidden = !boresShowSizes && field('feature').value === 'bore';
    }

    field('feature').addEventListener('change', showFields);

    dialog.querySelector('[data-close]').addEventListener('click', () => dialog.close());
    form.addEventListener('submit', (event) => {
        event.preventDefault();
        const body = Object.fromEntries(new FormData(form));
        dialog.close();
        write(body);
    });

    return {
        /** Opens it anew, or with what was typed and why that was not taken. */
        open(showsSizes, typed = {}, complaint = '') {
            boresShowSizes = showsSizes;
            field('feature').value = typed.feature ?? 'bore';
            showFields();
            field('master').value = typed.master ?? '';
            field('shows').value = typed.shows ?? '';
            error.textContent = complaint;
            error.hidden = complaint === '';
            if (!dialog.open) {
                dialog.showModal();
            }
            const first = field(showsSizes ? 'master' : 'shows');
            first.focus();
            // What could not be read stands selected: the next digit replaces it.
            first.select();
        },
    };
}
