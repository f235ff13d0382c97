import assert from 'node:assert/strict';
import test from 'node:test';
import { listenToPointing } from '../../resources/js/sheet/pointing.js';

/** An element that answers `closest` and `matches` by the selectors it is given. */
function element(answers = {}) {
    return {
        dataset: answers.dataset ?? {},
        isInside: answers.isInside ?? false,
        matches: (selector) => selector === answers.tag,
        closest: (selector) => (answers.closest ?? {})[selector] ?? null,
    };
}

function sheet({ isAsking = false } = {}) {
    const heard = {};
    const listens = (name) => ({ addEventListener: (event, work) => (heard[`${name} ${event}`] = work) });
    const body = element();
    const inside = element({ isInside: true });
    const did = [];
    const root = { ...listens('root'), contains: (one) => one.isInside };
    const line = { ...listens('line'), focus: (how) => did.push(['focus', how?.preventScroll ?? null]) };
    globalThis.document = { ...listens('document'), body };
    listenToPointing(root, line, {
        isAsking: () => isAsking,
        isCommand: (key) => 'uz/'.includes(key),
        choose: (place) => did.push(['choose', place]),
        open: (name) => did.push(['open', name]),
        lines: (list) => did.push(['lines', list]),
    });
    const event = (more) => ({
        prevented: 0,
        preventDefault() {
            this.prevented += 1;
        },
        ...more,
    });

    return { heard, did, line, body, inside, event };
}

const PLACE = 'td[data-place], [data-goto]';

test('a touch on a cell chooses its place and scrolls to it', () => {
    const { heard, did, event } = sheet();
    const cell = element({ tag: 'td', dataset: { place: 'main.1.front.0' } });
    const touch = event({ target: element({ closest: { [PLACE]: cell } }) });
    heard['root click'](touch);
    assert.deepEqual(did, [
        ['choose', 'main.1.front.0'],
        ['focus', false],
    ]);
    assert.equal(touch.prevented, 0);
});

test('a touch on the drawing chooses the place it stands for and leaves the page where it is', () => {
    const { heard, did, event } = sheet();
    const journal = element({ tag: 'g', dataset: { goto: 'pin.3.front.0' } });
    const touch = event({ target: element({ closest: { [PLACE]: journal } }) });
    heard['root click'](touch);
    assert.deepEqual(did, [
        ['choose', 'pin.3.front.0'],
        ['focus', true],
    ]);
    assert.equal(touch.prevented, 1);
});

test('while something is asked no place is chosen', () => {
    const { heard, did, event } = sheet({ isAsking: true });
    heard['root click'](event({ target: element({ closest: { [PLACE]: element({ tag: 'td', dataset: { place: 'a' } }) } }) }));
    assert.deepEqual(did, []);
});

test('a button opens its dialog', () => {
    const { heard, did, event } = sheet();
    heard['root click'](event({ target: element({ closest: { '[data-open-check]': element() } }) }));
    assert.deepEqual(did, [['open', 'check']]);
});

test('several lines at once are keyed one after the other, one line is pasted as it is', () => {
    const { heard, did, event } = sheet();
    const paste = (text) => event({ clipboardData: { getData: () => text } });
    const one = paste('3.8125');
    heard['line paste'](one);
    assert.deepEqual([did, one.prevented], [[], 0]);
    const many = paste('3.8125\r\n\r\n 3.8130 \n3.8128\n');
    heard['line paste'](many);
    assert.deepEqual([did, many.prevented], [[['lines', ['3.8125', '3.8130', '3.8128']]], 1]);
});

test('a stray digit or a command of the page brings the line back, other keys and other places do not', () => {
    const { heard, did, body, inside, line, event } = sheet();
    const keys = (target, ...all) => {
        did.length = 0;
        all.forEach((key) => heard['document keydown'](event({ target, key })));

        return did.length;
    };
    assert.equal(keys(body, '3', '.', '-', 'u'), 4);
    assert.equal(keys(inside, '7'), 1);
    assert.equal(keys(body, '/', 'q', 'Tab'), 0, '“/” finds a job');
    assert.equal(keys(line, '3'), 0, 'in the line already');
    assert.equal(keys(element(), '3'), 0, 'elsewhere on the page');
    assert.equal(keys(element({ isInside: true, closest: { 'dialog, button, [data-bore-drawing]': element() } }), '3'), 0);
});
