const FIELDS = 'input:not([type=hidden], [type=file], [type=submit]), select, textarea';

/**
 * Puts freshly rendered HTML in a place without taking away what somebody is doing there: fields that were changed keep
 * their value, what was unfolded stays unfolded, and the focus stays where it was.
 *
 * @param forget  id of the form whose fields were written down and start anew
 */
export function swap(place, html, forget = null) {
    const keepers = [
        keepFields(place, forget),
        keepFiles(place, forget),
        keepUnfolded(place),
        keepComplaints(place, forget),
        keepFocus(place),
    ];
    place.innerHTML = html;
    for (const giveBack of keepers) {
        giveBack((id) => place.querySelector(`#${CSS.escape(id)}`));
    }
}

function keepFields(place, forget) {
    const kept = [...place.querySelectorAll(FIELDS)]
        .filter((field) => field.id && isChanged(field) && field.form?.id !== forget)
        .map((field) => [field.id, isTick(field) ? 'checked' : 'value', isTick(field) ? field.checked : field.value]);

    return (find) => {
        for (const [id, property, value] of kept) {
            const field = find(id);
            if (field) {
                field[property] = value;
            }
        }
    };
}

function keepFiles(place, forget) {
    const chosen = [...place.querySelectorAll('input[type=file]')].filter(
        (field) => field.id && field.files.length > 0 && field.form?.id !== forget,
    );

    return (find) => chosen.forEach((field) => find(field.id)?.replaceWith(field));
}

function keepUnfolded(place) {
    const states = [...place.querySelectorAll('details[id]')].map((one) => [one.id, one.open]);

    return (find) => {
        for (const [id, isOpen] of states) {
            find(id)?.toggleAttribute('open', isOpen);
        }
    };
}

function keepComplaints(place, forget) {
    const said = [...place.querySelectorAll('[data-form-error]:not([hidden])')]
        .filter((one) => one.id && one.closest('form')?.id !== forget)
        .map((one) => [one.id, one.textContent]);

    return (find) => {
        for (const [id, text] of said) {
            const one = find(id);
            if (one) {
                one.textContent = text;
                one.hidden = false;
            }
        }
    };
}

function keepFocus(place) {
    const focused = place.contains(document.activeElement) ? document.activeElement : null;
    const caret = focused?.matches('input:not([type=checkbox], [type=radio]), textarea') ? focused.selectionStart : null;

    return (find) => {
        const again = focused?.id ? find(focused.id) : null;
        // A row shows its fields only while the focus is in it.
        again?.closest('[data-row]')?.focus({ preventScroll: true });
        again?.focus({ preventScroll: true });
        if (again && caret !== null) {
            again.setSelectionRange(caret, caret);
        }
    };
}

function isTick(field) {
    return field.type === 'checkbox' || field.type === 'radio';
}

function isChanged(field) {
    if (isTick(field)) {
        return field.checked !== field.defaultChecked;
    }
    if (field.tagName === 'SELECT') {
        return (
            field.selectedIndex !==
            Math.max(
                0,
                [...field.options].findIndex((option) => option.defaultSelected),
            )
        );
    }

    return field.value !== field.defaultValue;
}
