import { openMailbox } from '../outbox/mailbox.js';
import { post } from '../outbox/post.js';
import { ulid } from '../outbox/ulid.js';
import { createAnswers } from './answers.js';
import { startBore } from './bore.js';
import { createCommands } from './commands.js';
import { createDialogs } from './dialogs.js';
import { createFeed } from './feed.js';
import { feedLine } from './feed-line.js';
import { createHand } from './hand.js';
import { listenToKeys } from './keys.js';
import { startMarginForms } from './margin-forms.js';
import { createPage } from './page.js';
import { createPair } from './pair.js';
import { listenToPointing } from './pointing.js';
import { createQuestions } from './questions.js';
import { seatOf } from './seat.js';
import { startShows } from './shows.js';

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
    const desk = await setUp(root, page);
    const { entry, hand, questions, dialogs, mailbox } = desk;
    const { cursor } = page;
    const commands = createCommands(desk, { root, bore });
    desk.command = (key) => commands[key]();
    const isAsking = () => questions.current !== null;

    listenToKeys(entry, {
        enter(text) {
            if (isAsking()) {
                questions.answer(text);
            } else if (text !== '' && cursor.place) {
                desk.read(text);
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
        lines: (list) => list.forEach((line) => cursor.place && desk.read(line)),
    });
    // What somebody else has read meanwhile is not proposed any more.
    root.addEventListener('shown', () => (hand.isFree && desk.isIdle() ? hand.goOn() : hand.render()));

    for (const item of await mailbox.store.all()) {
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
    desk.feed.start();
    mailbox.nudge();
    const shows = root.querySelector('[data-shows]');
    if (shows) {
        startShows(root, shows, () => cursor.place, document.querySelector('[data-check-dialog]'));
    }
}

/** Everything that works together at a sheet's desk; its parts find each other through it. */
async function setUp(root, page) {
    const { url, cursor } = page;
    const entry = root.querySelector('[data-entry]');
    const desk = {
        page,
        entry,
        said: root.querySelector('[data-said]'),
        isIdle: () => entry.value === '' && !desk.questions.current,
        keep: (path, body) => desk.mailbox.keep({ url: `${url}/${path}`, body: { ulid: ulid(), ...body } }),
        async read(text, id = ulid()) {
            const place = cursor.place;
            const line = feedLine(text);
            const body = {
                place,
                text: line?.text ?? text,
                feed: line?.feed ?? null,
                setup: null,
                repeat: desk.hand.isRepeat,
                ulid: id,
                saw: Number(cursor.cell(place)?.dataset.saw ?? 0),
            };
            desk.hand.keyed(text);
            entry.value = '';
            desk.hand.goOn();
            await desk.keep('readings', body);
        },
    };
    const answers = createAnswers(desk);
    const send = (address, body) => post(address, body, address.startsWith(`${url}/`) ? page.shown : {});
    desk.mailbox = await openMailbox(root.dataset.outbox, { answer: answers.settled, asked: answers.asked }, send);
    desk.questions = createQuestions(root.querySelector('[data-question]'), answers.decide);
    desk.hand = createHand(root, page, () => desk.questions.current);
    desk.feed = startFeed(root, desk);
    const pair = startPair(root, desk);
    desk.dialogs = createDialogs({
        root,
        entry,
        pair,
        here: () => ({ key: cursor.place, words: cursor.words }),
        keep: desk.keep,
        useText: (text) => (entry.value = text),
        command: (key) => desk.command(key),
    });
    desk.marginForms = startMarginForms(document, desk.mailbox.keep);

    return desk;
}

/** What a gauge sends goes where a typed reading would; it waits while something is asked or being typed. */
function startFeed(root, desk) {
    const state = root.querySelector('[data-feed-state]');

    return createFeed({
        seat: seatOf(sessionStorage),
        post,
        async take(line) {
            if (!desk.isIdle() || !desk.page.cursor.place) {
                return false;
            }
            await desk.read(line.text, line.ulid);

            return true;
        },
        say(gauge, complaint) {
            state.textContent = complaint || (gauge ? `${gauge} feeds this line` : '');
            state.hidden = state.textContent === '';
        },
    });
}

/** Caller and writer at one sheet: the writer's cursor goes where the caller is. */
function startPair(root, desk) {
    const { url, cursor } = desk.page;

    return createPair({
        panel: root.querySelector('[data-pair]'),
        seat: seatOf(sessionStorage),
        url,
        post,
        here: () => cursor.place,
        follow(place) {
            if (desk.isIdle() && cursor.place !== place && cursor.cell(place)) {
                desk.hand.lead(place);
            }
        },
    });
}
