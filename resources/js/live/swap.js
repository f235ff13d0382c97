import { Idiomorph } from 'idiomorph/dist/idiomorph.esm.js';

const FIELDS = 'input:not([type=hidden], [type=submit]), select, textarea';
const KEPT_OF_FIELDS = ['value', 'checked', 'selected'];

/**
 * Turns a place into freshly rendered HTML without taking away what somebody is doing there: fields that were changed keep
 * their value, what was unfolded stays unfolded, complaints stay until their form is sent, and the focus stays where it is.
 *
 * @param forget  id of the form whose fields were written down and start anew
 */
export function swap(place, html, forget = null) {
    const isForgotten = (element) => forget !== null && element.closest('form')?.id === forget;
    const changed = new Set([...place.querySelectorAll(FIELDS)].filter((field) => isChanged(field) && !isForgotten(field)));
    const keeps = (name, element) =>
        name === 'open'
            ? element.matches('details[id]')
            : KEPT_OF_FIELDS.includes(name) && changed.has(element.closest('select') ?? element);

    Idiomorph.morph(place, html, {
        morphStyle: 'innerHTML',
        callbacks: {
            beforeAttributeUpdated: (name, element) => !keeps(name, element),
            beforeNodeMorphed: (old) => !isComplaint(old) || isForgotten(old),
        },
    });
    // A chosen file is no value that a page could set: it goes with the form it was sent in.
    for (const field of place.querySelectorAll('input[type=file]')) {
        if (isForgotten(field)) {
            field.value = '';
        }
    }
}

function isComplaint(node) {
    return node.matches?.('[data-form-error]:not([hidden])') ?? false;
}

function isChanged(field) {
    if (field.type === 'checkbox' || field.type === 'radio') {
        return field.checked !== field.defaultChecked;
    }
    if (field.tagName === 'SELECT') {
        const standing = [...field.options].findIndex((option) => option.defaultSelected);

        return field.selectedIndex !== Math.max(0, standing);
    }

    return field.value !== field.defaultValue;
}
