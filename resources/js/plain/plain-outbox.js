import { bodyOf } from '../live/form-body.js';
import { openMailbox } from '../outbox/mailbox.js';
import { ulid } from '../outbox/ulid.js';

/**
 * Forms of a page that has neither a sheet nor live fragments: what is sent goes into the job's outbox first, in order
 * with the readings, and once; the answer says which page comes next.
 *
 * @param root  an element that names the outbox in data-plain-outbox
 * @param go    (address) => void
 */
export async function startPlainOutbox(root, go = (address) => location.assign(address)) {
    const mailbox = await openMailbox(root.dataset.plainOutbox, {
        answer: (entry, answer) => answer?.to && go(answer.to),
        asked: giveBack,
    });

    /** A refusal stands beside its form; what belongs to another page stays asked and is answered there. */
    async function giveBack(entry) {
        const form = entry.form ? document.getElementById(entry.form) : null;
        if (form) {
            await mailbox.store.remove(entry.id);
            complain(form, entry.question.text);
        }
    }

    document.addEventListener('submit', async (event) => {
        const form = event.target;
        if (!form.matches('[data-plain-form]')) {
            return;
        }
        event.preventDefault();
        if (form.getAttribute('aria-busy') === 'true') {
            return;
        }
        complain(form, '');
        form.setAttribute('aria-busy', 'true');
        await mailbox.keep({ url: new URL(form.action).pathname, form: form.id, body: { ...bodyOf(new FormData(form)), ulid: ulid() } });
    });
    root.dataset.ready = 'yes';
    mailbox.nudge();
}

function complain(form, sentence) {
    form.removeAttribute('aria-busy');
    const error = form.querySelector('[data-form-error]');
    error.textContent = sentence;
    error.hidden = sentence === '';
}
