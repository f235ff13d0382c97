import { bodyOf } from '../live/form-body.js';
import { openOutbox } from '../sheet/outbox.js';
import { post } from '../sheet/post.js';
import { createSender } from '../sheet/sender.js';
import { ulid } from '../sheet/ulid.js';
import { sayWhatWaits } from '../sheet/waiting.js';

/**
 * Forms of a page that has neither a sheet nor live fragments: what is sent goes into the job's outbox first, in order
 * with the readings, and once; the answer says which page comes next.
 *
 * @param root  an element that names the outbox in data-plain-outbox
 * @param go    (address) => void
 */
export async function startPlainOutbox(root, go = (address) => location.assign(address)) {
    const state = document.querySelector('[data-outbox-state]');
    const store = await openOutbox(root.dataset.plainOutbox);
    const sender = createSender({
        store,
        post,
        pause: (time) => new Promise((done) => setTimeout(done, time)),
        on: {
            answer: (entry, answer) => answer?.to && go(answer.to),
            asked: giveBack,
            async state(name) {
                sayWhatWaits(state, (await store.all()).filter((one) => one.state === 'waiting').length, name === 'locked');
            },
        },
    });
    const nudge = () => (navigator.locks ? navigator.locks.request(`outbox ${root.dataset.plainOutbox}`, sender.nudge) : sender.nudge());

    /** A refusal stands beside its form; what belongs to another page stays asked and is answered there. */
    async function giveBack(entry) {
        const form = entry.form ? document.getElementById(entry.form) : null;
        if (form) {
            await store.remove(entry.id);
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
        await store.add({ url: new URL(form.action).pathname, form: form.id, body: { ...bodyOf(new FormData(form)), ulid: ulid() } });
        nudge();
    });
    window.addEventListener('online', nudge);
    root.dataset.ready = 'yes';
    nudge();
}

function complain(form, sentence) {
    form.removeAttribute('aria-busy');
    const error = form.querySelector('[data-form-error]');
    error.textContent = sentence;
    error.hidden = sentence === '';
}
