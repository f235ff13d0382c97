/** The dialog in which a zero that was set on the part gets its size. */
export function createSizeDialog(dialog, give) {
    const form = dialog.querySelector('[data-size-form]');
    const error = dialog.querySelector('[data-size-error]');
    const confirm = dialog.querySelector('[data-size-confirm]');

    dialog.querySelector('[data-close]').addEventListener('click', () => dialog.close());
    form.addEventListener('submit', (event) => {
        event.preventDefault();
        const body = Object.fromEntries(new FormData(form));
        dialog.close();
        give({ ...body, confirmed: form.elements.confirmed.checked });
    });

    return {
        /** Opens it anew, or with what was typed and why that was not taken. */
        open(typed = {}, question = null) {
            form.elements.size.value = typed.size ?? '';
            form.elements.confirmed.checked = false;
            confirm.hidden = question?.kind !== 'confirm';
            error.textContent = question?.text ?? '';
            error.hidden = question === null;
            if (!dialog.open) {
                dialog.showModal();
            }
            form.elements.size.focus();
            form.elements.size.select();
        },
    };
}
