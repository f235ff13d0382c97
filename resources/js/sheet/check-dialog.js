/**
 * The dialog in which a gauge is put back on its master; a gauge that shows sizes is also asked for the master's.
 *
 * @param showsSizes  (feature) => true where the gauge in force for it does
 */
export function createCheckDialog(dialog, showsSizes, write) {
    const form = dialog.querySelector('[data-check-form]');
    const error = dialog.querySelector('[data-check-error]');
    const field = (name) => form.elements.namedItem(name);
    function showFields() {
        form.querySelector('[data-only-sizes]').hidden = !showsSizes(field('feature').value);
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
        open(typed, complaint) {
            field('feature').value = typed.feature;
            showFields();
            field('master').value = typed.master ?? '';
            field('shows').value = typed.shows ?? '';
            error.textContent = complaint;
            error.hidden = complaint === '';
            if (!dialog.open) {
                dialog.showModal();
            }
            const first = field(showsSizes(typed.feature) ? 'master' : 'shows');
            first.focus();
            // What could not be read stands selected: the next digit replaces it.
            first.select();
        },
    };
}
