import { goToFind } from '../find.js';
import { swap } from '../live/swap.js';
import { createCheckDialog } from './check-dialog.js';
import { createCursor } from './cursor.js';
import { listenToKeys } from './keys.js';
import { openOutbox } from './outbox.js';
import { changesSince, post } from './post.js';
import { createQuestions } from './questions.js';
import { createSender } from './sender.js';
import { sayWhatWaits } from './waiting.js';
import { createSetupDialog } from './setup-dialog.js';
import { ulid } from './ulid.js';

const LOOK_AGAIN = 2000;

/** Works one sheet: the entry line, the outbox behind it, and the parts that the server renders anew. */
export async function startSheet(root) {
    const { url } = root.dataset;
    let head = Number(root.dataset.head);
    let walk = JSON.parse(root.dataset.walk);

    const cursor = createCursor(root);
    cursor.set(walk[0]?.place ?? root.querySelector('[data-place]')?.dataset.place ?? null);

    const fragment = (name) => document.querySelector(`[data-fragment="${name}"]`);

    function show(answer) {
        if (answer.head < head) {
            return;
        }
        head = answer.head;
        walk = answer.walk;
        for (const [name, html] of Object.entries(answer.fragments)) {
            swap(fragment(name), html);
        }
        cursor.mark();
    }

    watchOthers();
    if (root.dataset.mayWrite === 'yes') {
        await startEntry();
    }

    async function watchOthers() {
        for (;;) {
            await new Promise((done) => setTimeout(done, LOOK_AGAIN));
            if (document.visibilityState === 'visible') {
                const answer = await changesSince(url, head).catch(() => null);
                if (answer) {
                    show(answer);
                    root.dispatchEvent(new CustomEvent('shown'));
                }
            }
        }
    }

    async function startEntry() {
        const entry = root.querySelector('[data-entry]');
        const where = root.querySelector('[data-where]');
        const hint = root.querySelector('[data-hint]');
        const repeatHint = root.querySelector('[data-repeat]');
        const said = root.querySelector('[data-said]');
        const state = document.querySelector('[data-outbox-state]');
        const store = await openOutbox(root.dataset.outbox);
        const waits = new Map();
        let lastPlace = null;
        let isRepeat = false;
        let isProposed = true;
        let draft = '';

        const questions = createQuestions(root.querySelector('[data-question]'), decide);
        const setupDialog = createSetupDialog(document.querySelector('[data-setup-dialog]'), (body) => keep(`${url}/setups`, body));
        const checkDialog = createCheckDialog(document.querySelector('[data-check-dialog]'), (body) => keep(`${url}/checks`, body));
        const checkBack = (...typed) =>
            root.querySelector('[data-open-check]') && checkDialog.open(root.querySelector('[data-shows-sizes]') !== null, ...typed);
        const keysDialog = document.querySelector('[data-keys-dialog]');
        const sender = createSender({
            store,
            post,
            pause: (time) => new Promise((done) => setTimeout(done, time)),
            on: { answer: settled, asked, state: showState },
        });
        const nudge = () => (navigator.locks ? navigator.locks.request(`outbox ${root.dataset.outbox}`, sender.nudge) : sender.nudge());

        function render() {
            const question = questions.current;
            const words = question?.body.place
                ? root.querySelector(`td[data-place="${CSS.escape(question.body.place)}"]`)?.dataset.words
                : cursor.words;
            where.textContent = words || 'Nothing more to read';
            hint.textContent = question
                ? ''
                : cursor.prompt || (walk.some((one) => one.isProposed && one.place === cursor.place) ? 'proposed next' : '');
            repeatHint.hidden = !isRepeat;
            for (const [place, text] of waits) {
                const cell = cursor.cell(place);
                if (cell) {
                    cell.classList.add('waits');
                    cell.innerHTML = '<small></small>';
                    cell.firstChild.textContent = `${text} …`;
                }
            }
        }

        function goOn() {
            const next = walk.find((one) => one.place !== lastPlace && !waits.has(one.place));
            if (next) {
                cursor.set(next.place);
            }
            isRepeat = false;
            isProposed = true;
            render();
        }

        async function keep(target, body) {
            await store.add({ url: target, body: { ulid: ulid(), ...body } });
            nudge();
        }

        async function read(text) {
            const place = cursor.place;
            const body = { place, text, setup: null, repeat: isRepeat };
            lastPlace = place;
            waits.set(place, text);
            entry.value = '';
            goOn();
            await keep(`${url}/readings`, body);
        }

        function settled(sent, answer) {
            const place = sent.body.place;
            if (place) {
                waits.delete(place);
                said.textContent = `${sent.body.text} kept.`;
            }
            show(answer);
            if (entry.value === '' && !questions.current && !isRepeat) {
                goOn();
            }
            render();
            if (place) {
                cursor.cell(place)?.classList.add('settles');
            } else if (sent.url.endsWith('/setups')) {
                resend(questions.takeAll('setup'), {});
            }
            if (sent.url.endsWith('/undo')) {
                cursor.set(walk[0]?.place ?? cursor.place);
                render();
            }
        }

        function asked(item) {
            if (item.url.endsWith('/setups')) {
                store.remove(item.id);
                setupDialog.open(item.question.text);

                return;
            }
            if (item.url.endsWith('/checks')) {
                store.remove(item.id);
                checkBack(item.body, item.question.text);

                return;
            }
            if (!questions.current) {
                draft = entry.value;
                entry.value = item.question.kind === 'unreadable' ? (item.body.text ?? '') : '';
            }
            questions.ask(item);
            if (item.question.kind === 'setup') {
                setupDialog.open(item.question.text);
            }
            if (item.body.place) {
                cursor.set(item.body.place);
            }
            render();
        }

        async function decide(item, change) {
            entry.value = draft;
            draft = '';
            if (change === null) {
                waits.delete(item.body.place);
                await store.remove(item.id);
                changesSince(url, -1)
                    .then((answer) => answer && show(answer))
                    .finally(render);
            } else {
                if (change.text !== undefined) {
                    waits.set(item.body.place, change.text);
                }
                await resend([item], change);
            }
            if (questions.current?.body.place) {
                cursor.set(questions.current.body.place);
                render();
            } else {
                goOn();
            }
            entry.focus();
        }

        async function resend(items, change) {
            for (const item of items) {
                await store.put({ ...item, state: 'waiting', question: null, body: { ...item.body, ...change } });
            }
            nudge();
        }

        async function showState(name) {
            sayWhatWaits(state, (await store.all()).filter((one) => one.state === 'waiting').length, name === 'locked');
        }

        function undo() {
            keep(`${url}/undo`, {});
        }

        function repeat() {
            if (lastPlace) {
                cursor.set(lastPlace);
                isRepeat = true;
                render();
            }
        }

        const commands = {
            u: undo,
            r: repeat,
            z: () => setupDialog.open(),
            c: () => setupDialog.open(),
            b: () => checkBack(),
            '?': () => keysDialog.showModal(),
            '/': () => goToFind(document),
        };

        const isAsking = () => questions.current !== null;
        listenToKeys(entry, {
            enter(text) {
                if (isAsking()) {
                    questions.answer(text);
                } else if (text !== '' && cursor.place) {
                    read(text);
                }
            },
            escape(text) {
                if (isAsking() && text === '') {
                    questions.drop();
                } else {
                    entry.value = '';
                    isRepeat = false;
                    render();
                }
            },
            move(rows, columns) {
                if (!isAsking()) {
                    cursor.move(rows, columns);
                    isProposed = false;
                    isRepeat = false;
                    render();
                }
            },
            command: (key) => !isAsking() && commands[key]?.(),
            isCommand: (key) => !isAsking() && key in commands,
        });
        // Wherever the focus went by a stray touch, a digit belongs to the entry line.
        document.addEventListener('keydown', (event) => {
            const isFree = event.target === document.body || root.contains(event.target);
            if (isFree && event.target !== entry && !event.target.closest('dialog, button') && /^[\d.+\-urzb?]$/.test(event.key)) {
                entry.focus();
            }
        });
        root.addEventListener('click', (event) => {
            const cell = event.target.closest('td[data-place]');
            if (cell && !questions.current) {
                cursor.set(cell.dataset.place);
                isProposed = false;
                isRepeat = false;
                render();
                entry.focus();
            } else if (event.target.closest('[data-open-setup]')) {
                setupDialog.open();
            } else if (event.target.closest('[data-open-check]')) {
                checkBack();
            } else if (event.target.closest('[data-open-keys]')) {
                keysDialog.showModal();
            }
        });
        keysDialog.querySelector('[data-close]').addEventListener('click', () => keysDialog.close());
        for (const dialog of [keysDialog, document.querySelector('[data-setup-dialog]'), document.querySelector('[data-check-dialog]')]) {
            dialog.addEventListener('close', () => entry.focus());
        }
        // What somebody else has read meanwhile is not proposed any more.
        root.addEventListener('shown', () => (isProposed && entry.value === '' && !questions.current ? goOn() : render()));
        window.addEventListener('online', nudge);

        for (const item of await store.all()) {
            if (item.body.place) {
                waits.set(item.body.place, item.body.text);
            }
            if (item.state === 'asked') {
                questions.ask(item);
            }
        }
        goOn();
        entry.focus({ preventScroll: true });
        root.dataset.ready = 'yes';
        nudge();
    }
}
