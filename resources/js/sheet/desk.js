import { goToFind } from '../find.js';
import { startBore } from './bore.js';
import { createDialogs } from './dialogs.js';
import { createFeed } from './feed.js';
import { feedLine } from './feed-line.js';
import { createHand } from './hand.js';
import { listenToKeys } from './keys.js';
import { startMarginForms } from './margin-forms.js';
import { openMailbox } from '../outbox/mailbox.js';
import { createPage } from './page.js';
import { createPair } from './pair.js';
import { listenToPointing } from './pointing.js';
import { post } from '../outbox/post.js';
import { createQuestions } from './questions.js';
import { seatOf } from './seat.js';
import { ulid } from '../outbox/ulid.js';

/** Works one sheet: the entry line, the outbox behind it, and the parts that the server renders anew. */
export async function startSheet(root) {
    const page = createPage(root);
    const bore = page.url.includes('/bores/') ? startBore(root) : null;
    page.watchOthers();
    if (root.dataset.mayWrite === 'yes') {
        await startEntry(root, page, bore);
    }
}

async function startEntry(root, page, bore) {
    const { url, cursor } = page;
    const entry = root.querySelector('[data-entry]');
    const said = root.querySelector('[data-said]');
    const mailbox = await openMailbox(root.dataset.outbox, { answer: settled, asked });
    const { store, nudge } = mailbox;
    let draft = '';

    const questions = createQuestions(root.querySelector('[data-question]'), decide);
    const hand = createHand(root, page, () => questions.current);
    const isIdle = () => entry.value === '' && !questions.current;
    const feedState = root.querySelector('[data-feed-state]');
    const feed = createFeed({
        seat: seatOf(sessionStorage),
        post,
        take: takeLine,
        say(gauge, complaint) {
            feedState.textContent = complaint || (gauge ? `${gauge} feeds this line` : '');
            feedState.hidden = feedState.textContent === '';
        },
    });
    const pair = createPair({
        panel: root.querySelector('[data-pair]'),
        seat: seatOf(sessionStorage),
        url,
        post,
        here: () => cursor.place,
        follow(place) {
            if (isIdle() && cursor.place !== place && cursor.cell(place)) {
                hand.lead(place);
            }
        },
    });
    const dialogs = createDialogs({
        root,
        entry,
        pair,
        here: () => ({ key: cursor.place, words: cursor.words }),
        keep: (path, body) => keep(`${url}/${path}`, body),
        useText: (text) => (entry.value = text),
        command: (key) => commands[key](),
    });
    const marginForms = startMarginForms(document, mailbox.keep);

    async function keep(target, body) {
        await mailbox.keep({ url: target, body: { ulid: ulid(), ...body } });
    }

    async function read(text, id = ulid()) {
        const place = cursor.place;
        const line = feedLine(text);
        const body = {
            place,
            text: line?.text ?? text,
            feed: line?.feed ?? null,
            setup: null,
            repeat: hand.isRepeat,
            ulid: id,
            saw: Number(cursor.cell(place)?.dataset.saw ?? 0),
        };
        hand.keyed(text);
        entry.value = '';
        hand.goOn();
        await keep(`${url}/readings`, body);
    }

    /** Both pages of a job's bores share an outbox; an answer for the other page only says that something is new. */
    function showAnswerOf(sent, answer) {
        if (sent.url.startsWith(`${url}/`)) {
            page.show(answer);
        } else {
            page.refresh();
        }
    }

    /** What a gauge sends goes where a typed reading would; it waits while something is asked or being typed. */
    async function takeLine(line) {
        if (!isIdle() || !cursor.place) {
            return false;
        }
        await read(line.text, line.ulid);

        return true;
    }

    function useGauge() {
        if (feed.gauge) {
            feed.ask(cursor.place);
        } else {
            keep(`${url}/claims`, { gauge: dialogs.stated()?.instrument ?? '', seat: seatOf(sessionStorage) });
        }
    }

    function settled(sent, answer) {
        if (sent.url.endsWith('/claims')) {
            feed.claimed(answer.gauge, '');

            return;
        }
        const place = sent.body.place;
        if (place) {
            hand.answered(place);
            said.textContent = `${sent.body.text} kept.`;
        }
        showAnswerOf(sent, answer);
        // A place that somebody chose meanwhile stays the current one.
        if (hand.isFree && isIdle()) {
            hand.goOn();
        } else {
            hand.render();
        }
        if (place) {
            cursor.cell(place)?.classList.add('settles');
        } else if (sent.url.endsWith('/setups')) {
            resend(questions.takeAll('setup'), {});
        }
        if (sent.url.endsWith('/undo')) {
            hand.lead(page.walk[0]?.place ?? cursor.place);
        }
    }

    function asked(item) {
        if (item.url.endsWith('/claims')) {
            store.remove(item.id);
            feed.claimed(null, item.question.text);

            return;
        }
        if (dialogs.askBack(item) || marginForms.giveBack(item)) {
            store.remove(item.id);

            return;
        }
        if (!questions.current) {
            draft = entry.value;
            entry.value = item.question.kind === 'unreadable' ? (item.body.text ?? '') : '';
        }
        questions.ask(item);
        if (item.question.kind === 'setup') {
            dialogs.setup(item.question.text, item.body.place?.split('.')[0]);
        }
        hand.lead(item.body.place ?? cursor.place);
    }

    async function decide(item, change) {
        entry.value = draft;
        draft = '';
        if (change === null) {
            hand.answered(item.body.place);
            await store.remove(item.id);
            page.refresh().finally(hand.render);
        } else {
            if (change.text !== undefined) {
                hand.waitsFor(item.body.place, change.text);
            }
            await resend([item], change);
        }
        if (questions.current?.body.place) {
            hand.lead(questions.current.body.place);
        } else {
            hand.goOn();
        }
        entry.focus();
    }

    async function resend(items, change) {
        for (const item of items) {
            await store.put({ ...item, state: 'waiting', question: null, body: { ...item.body, ...change } });
        }
        nudge();
    }

    function undo() {
        keep(`${url}/undo`, {});
    }

    function toggleAxes() {
        post('/shown/axes', {}).then(page.refresh).finally(hand.render);
    }

    function turnTo(address) {
        if (address) {
            location.assign(address);
        }
    }

    function goToBore() {
        const cylinder = url.endsWith('/bores') ? cursor.place?.split('.')[1] : null;
        if (cylinder) {
            location.assign(`${url.split('/sheets/')[0]}/bores/${cylinder}`);
        }
    }

    const commands = {
        u: undo,
        r: hand.onceMore,
        z: () => dialogs.setup(),
        c: () => dialogs.setup(),
        s: () => dialogs.size(),
        b: () => dialogs.check(),
        g: useGauge,
        j: dialogs.pair,
        m: dialogs.micrometer,
        x: toggleAxes,
        v: () => (bore ? bore.toSheet() : goToBore()),
        '[': () => (bore ? bore.next(-1) : turnTo(root.dataset.previous)),
        ']': () => (bore ? bore.next(1) : turnTo(root.dataset.next)),
        '?': dialogs.keys,
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
                hand.letGo();
            }
        },
        move(rows, columns) {
            if (!isAsking()) {
                hand.move(rows, columns);
            }
        },
        command: (key) => !isAsking() && commands[key]?.(),
        isCommand: (key) => !isAsking() && key in commands,
    });
    listenToPointing(root, entry, {
        isAsking,
        isCommand: (key) => key in commands,
        choose: hand.choose,
        open: (name) => dialogs[name](),
        lines: (list) => list.forEach((line) => cursor.place && read(line)),
    });
    // What somebody else has read meanwhile is not proposed any more.
    root.addEventListener('shown', () => (hand.isFree && isIdle() ? hand.goOn() : hand.render()));

    for (const item of await store.all()) {
        if (item.body.place) {
            hand.waitsFor(item.body.place, item.body.text);
        }
        if (item.state === 'asked') {
            questions.ask(item);
        }
    }
    hand.goOn();
    entry.focus({ preventScroll: true });
    root.dataset.ready = 'yes';
    feed.start();
    nudge();
}
