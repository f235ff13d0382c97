import { openMailbox } from '../outbox/mailbox.js';
import { changesSince, post } from '../outbox/post.js';
import { ulid } from '../outbox/ulid.js';
import { createClock } from './clock.js';
import { bodyOf } from './form-body.js';
import { listenToRows } from './rows.js';
import { swap } from './swap.js';
import { startTimers } from './timers.js';

const LOOK_AGAIN = 2000;
const NO_FORM = '(none)';
/** Fragments about the one thing that the page stands at. */
const ABOUT_ONE = ['entry', 'margin'];

/**
 * Works a page of forms the way the sheet works its entry line: what is sent goes into the outbox first, in order and
 * once; the answer brings the page's fragments; what others write appears by itself.
 */
export async function startLive(root) {
    const clock = createClock(Number(root.dataset.now));
    const refused = document.querySelector('[data-refused]');
    let head = Number(root.dataset.head);

    const mailbox = await openMailbox(root.dataset.outbox, { answer: settled, asked }, (url, body) =>
        post(url, { ...body, age_ms: Math.max(0, Date.now() - (body.kept_at ?? Date.now())) }, shown()),
    );
    const { store, nudge } = mailbox;

    /** What the page shows already, which an answer need not bring. */
    function shown() {
        const operation = operationOf(document.querySelector('[data-fragment="entry"]')?.innerHTML);

        return { 'X-Shown-Head': head, ...(operation === null ? {} : { 'X-Shown-Operation': operation }) };
    }

    /** @param {?string} about The operation that an answer without an entry line is about */
    function show(answer, { forget = null, isAsked = false, about = null } = {}) {
        clock.set(answer.now);
        if (answer.head < head || (answer.head === head && forget === null && !isAsked)) {
            return;
        }
        head = showsAll(fragmentsOf(document), answer) ? answer.head : head;
        const isElsewhere = standsElsewhere(root, operationOf(answer.fragments.entry) ?? about);
        for (const [name, html] of Object.entries(answer.fragments)) {
            if (isElsewhere && ABOUT_ONE.includes(name)) {
                continue;
            }
            const place = document.querySelector(`[data-fragment="${name}"]`);
            if (place) {
                swap(place, html, forget);
            }
        }
        root.dispatchEvent(new CustomEvent('shown'));
    }

    async function keep(form, submitter) {
        complain(form, '');
        const body = { ...bodyOf(new FormData(form, submitter)), ulid: ulid(), kept_at: Date.now() };
        form.setAttribute('aria-busy', 'true');
        await mailbox.keep({ url: form.action, body, form: form.id, words: form.dataset.words ?? '' });
    }

    function settled(entry, answer) {
        const form = document.getElementById(entry.form);
        form?.removeAttribute('aria-busy');
        // A form that has gone on to something else keeps what is typed into it since.
        const isThere = stillAsks(form, entry);
        show(answer, { forget: isThere ? entry.form : NO_FORM, about: entry.body.at || null });
        const standing = document.getElementById(entry.form);
        if (isThere && standing === form) {
            form?.reset();
        }
        root.dispatchEvent(new CustomEvent('kept', { detail: entry }));
    }

    /** A refusal goes beside its form, where everything typed still stands; without its form it is listed until dropped. */
    async function asked(entry) {
        const form = document.getElementById(entry.form);
        if (form && stillAsks(form, entry)) {
            form.removeAttribute('aria-busy');
            await store.remove(entry.id);
            complain(form, entry.question.text);
        } else {
            list(entry);
        }
        root.dispatchEvent(new CustomEvent('asked', { detail: entry }));
    }

    function complain(form, text) {
        const place = form.querySelector('[data-form-error]');
        if (place) {
            place.textContent = text;
            place.hidden = text === '';
        }
    }

    function list(entry) {
        const line = document.createElement('li');
        line.className = 'line out';
        line.textContent = `Not written: ${
            entry.words ||
            Object.values(entry.body)
                .filter((value) => typeof value === 'string')
                .slice(0, 3)
                .join(', ')
        }. ${entry.question.text} `;
        const drop = document.createElement('button');
        drop.className = 'button plain';
        drop.textContent = 'Drop it';
        drop.addEventListener('click', async () => {
            await store.remove(entry.id);
            line.remove();
        });
        const again = document.createElement('button');
        again.className = 'button plain';
        again.textContent = 'Send it again';
        again.addEventListener('click', async () => {
            await store.put({ ...entry, state: 'waiting', question: null });
            line.remove();
            nudge();
        });
        line.append(again, ' ', drop);
        if (entry.body.operation && root.querySelector('[data-entry]')) {
            const correct = document.createElement('button');
            correct.className = 'button plain';
            correct.textContent = 'Key it again';
            correct.addEventListener('click', async () => {
                root.dispatchEvent(new CustomEvent('again', { detail: entry.body }));
                await store.remove(entry.id);
                line.remove();
            });
            line.append(' ', correct);
        }
        refused.append(line);
    }

    async function watchOthers() {
        for (;;) {
            await new Promise((done) => setTimeout(done, LOOK_AGAIN));
            if (document.visibilityState === 'visible' || document.querySelector('[data-due]')) {
                const answer = await changesSince(root.dataset.url, head, root.dataset.at).catch(() => null);
                if (answer) {
                    show(answer);
                }
            }
        }
    }

    /** The page goes to another of its things: what is shown of it comes from the server, as soon as it can be reached. */
    async function goTo(at) {
        root.dataset.at = at;
        const answer = await changesSince(root.dataset.url, -1, at).catch(() => null);
        if (answer && root.dataset.at === at) {
            show(answer, { isAsked: true });
        }
        root.dispatchEvent(new CustomEvent('stood'));
    }

    root.addEventListener('at', (event) => goTo(event.detail));
    document.addEventListener('submit', (event) => {
        if (event.target.matches('form[data-keep]')) {
            event.preventDefault();
            keep(event.target, event.submitter);
        }
    });
    document.addEventListener('change', (event) => {
        if (event.target.matches('[data-sends]')) {
            event.target.form.requestSubmit();
        }
    });
    listenToRows(root);
    startTimers(document, clock);
    for (const entry of await store.all()) {
        if (entry.state === 'asked') {
            list(entry);
        }
    }
    watchOthers();
    root.dataset.ready = 'yes';
    nudge();
}

/** False where the form asks about another operation than the one that was sent. */
function stillAsks(form, entry) {
    return (form?.elements.operation?.value ?? entry.body.operation) === entry.body.operation;
}

function fragmentsOf(page) {
    return [...page.querySelectorAll('[data-fragment]')].map((place) => place.dataset.fragment);
}

/** False where the page has places that an answer, made for another page of the job, says nothing of: they are asked for again. */
export function showsAll(names, answer) {
    return answer.rest_is_shown === true || names.every((name) => name in answer.fragments);
}

/** The operation that an entry line is about; null where there is none. */
function operationOf(entry) {
    return /name="operation" value="([^"]*)"/.exec(entry ?? '')?.[1] ?? null;
}

/** True where somebody has gone on since to another operation than the one that an answer is about. */
function standsElsewhere(root, operation) {
    return operation !== null && (root.dataset.at ?? '') !== '' && operation !== root.dataset.at;
}
