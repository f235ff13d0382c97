import { ulid } from '../outbox/ulid.js';

/**
 * Forms of the margin go the way of the readings, so that a dead network loses none of them either. A form is emptied
 * once what it said is in the outbox; where that is refused, it comes back with the reason.
 *
 * @param keep  (entry) => void; puts it into the outbox and sends
 */
export function startMarginForms(page, keep) {
    page.addEventListener('submit', (event) => {
        const form = event.target;
        if (!form.matches('[data-outbox-form]')) {
            return;
        }
        event.preventDefault();
        const body = Object.fromEntries([...new FormData(form)].filter(([name]) => name !== '_token'));
        form.reset();
        form.elements.ulid.value = ulid();
        complain(form, '');
        keep({ url: new URL(form.action).pathname, form: form.id, body });
    });

    return {
        /** True where the form stands on this page and has what it said again. */
        giveBack({ form: id, body, question }) {
            const form = id ? page.getElementById(id) : null;
            if (!form) {
                return false;
            }
            for (const [name, value] of Object.entries(body)) {
                const field = form.elements.namedItem(name);
                if (field && name !== 'ulid') {
                    field.value = value;
                }
            }
            form.closest('details')?.setAttribute('open', '');
            complain(form, question.text);

            return true;
        },
    };
}

function complain(form, sentence) {
    const error = form.querySelector('[data-form-error]');
    error.textContent = sentence;
    error.hidden = sentence === '';
}
