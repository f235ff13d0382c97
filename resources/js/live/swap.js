const FIELDS = 'input:not([type=hidden], [type=file], [type=submit]), select, textarea';

/**
 * Puts freshly rendered HTML in a place without taking away what somebody is doing there: fields that were changed keep
 * their value, what was unfolded stays unfolded, and the focus stays where it was.
 *
 * @param forget  id of the form whose fields were written down and start anew
 */
export function swap(place, html, forget = null) {
    const typed = [...place.querySelectorAll(FIELDS)].filter((field) => field.id && isChanged(field) && field.form?.id !== forget);
    const kept = typed.map((field) => [field.id, field.type === 'checkbox' || field.type === 'radio' ? field.checked : field.value]);
    const files = [...place.querySelectorAll('input[type=file]')].filter((field) => field.id && field.files.length > 0 && field.form?.id !== forget);
    const unfolded = [...place.querySelectorAll('details[id]')].map((one) => [one.id, one.open]);
    const complaints = [...place.querySelectorAll('[data-form-error]:not([hidden])')]
        .filter((one) => one.id && one.closest('form')?.id !== forget)
        .map((one) => [one.id, one.textContent]);
    const focused = place.contains(document.activeElement) ? document.activeElement.id : '';

    place.innerHTML = html;

    const find = (id) => place.querySelector(`#${CSS.escape(id)}`);
    for (const [id, value] of kept) {
        const field = find(id);
        if (field && typeof value === 'boolean') {
            field.checked = value;
        } else if (field) {
            field.value = value;
        }
    }
    for (const file of files) {
        find(file.id)?.replaceWith(file);
    }
    for (const [id, isOpen] of unfolded) {
        const one = find(id);
        if (one) {
            one.open = isOpen;
        }
    }
    for (const [id, text] of complaints) {
        const one = find(id);
        if (one) {
            one.textContent = text;
            one.hidden = false;
        }
    }
    if (focused) {
        find(focused)?.focus({ preventScroll: true });
    }
}

function isChanged(field) {
    if (field.type === 'checkbox' || field.type === 'radio') {
        return field.checked !== field.defaultChecked;
    }
    if (field.tagName === 'SELECT') {
        return field.selectedIndex !== Math.max(0, [...field.options].findIndex((option) => option.defaultSelected));
    }

    return field.value !== field.defaultValue;
}
