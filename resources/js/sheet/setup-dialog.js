/** The dialog in which gauge, zero and conditions are stated. */
export function createSetupDialog(dialog, state) {
    const form = dialog.querySelector('[data-setup-form]');
    const error = dialog.querySelector('[data-setup-error]');
    const instrument = form.elements.instrument;

    const showFields = () => {
        const showsSizes = instrument.selectedOptions[0].dataset.sizes === 'yes';
        form.querySelectorAll('[data-only-deviations]').forEach((field) => (field.hidden = showsSizes));
    };
    instrument.addEventListener('change', showFields);
    showFields();
    dialog.querySelector('[data-close]').addEventListener('click', () => dialog.close());
    form.addEventListener('submit', (event) => {
        event.preventDefault();
        const body = Object.fromEntries(new FormData(form));
        for (const box of form.querySelectorAll('[type=checkbox]')) {
            body[box.name] = box.checked;
        }
        dialog.close();
        state(body);
    });

    return {
        open(complaint = '') {
            error.textContent = complaint;
            error.hidden = complaint === '';
            if (!dialog.open) {
                dialog.showModal();
            }
            (form.elements.zero.closest('[hidden]') ? instrument : form.elements.zero).focus();
        },
    };
}
