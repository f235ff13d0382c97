import assert from 'node:assert/strict';
import test from 'node:test';
import { createHand } from '../../resources/js/sheet/hand.js';

/** A sheet of three places as the hand sees it. */
function sheet(walk) {
    const cells = Object.fromEntries(
        ['a', 'b', 'c'].map((place) => [
            place,
            { dataset: { words: `Place ${place}` }, classList: { add() {} }, firstChild: {}, innerHTML: '' },
        ]),
    );
    const parts = { '[data-where]': {}, '[data-hint]': {}, '[data-repeat]': {} };
    const cursor = {
        place: null,
        set: (place) => (cursor.place = place),
        move: (rows) => (cursor.place = 'abc'['abc'.indexOf(cursor.place) + rows] ?? cursor.place),
        cell: (place) => cells[place],
        get words() {
            return cells[cursor.place]?.dataset.words;
        },
        prompt: '',
    };
    const page = { cursor, walk };
    let question = null;
    const hand = createHand({ querySelector: (name) => parts[name] }, page, () => question);

    return { hand, page, cursor, cells, parts, ask: (one) => (question = one) };
}

const walkOf = (...places) => places.map((place, index) => ({ place, isProposed: index === 0, isRepeat: false }));

test('it goes to the next place that is neither read just now nor waiting', () => {
    const { hand, cursor, parts } = sheet(walkOf('a', 'b', 'c'));
    hand.goOn();
    assert.equal(cursor.place, 'a');
    assert.equal(parts['[data-hint]'].textContent, 'proposed next');
    hand.keyed('3.1');
    hand.goOn();
    assert.equal(cursor.place, 'b', 'the walk still begins with what waits');
    hand.keyed('3.2');
    hand.answered('a');
    hand.goOn();
    assert.equal(cursor.place, 'a', 'answered and asked for again');
});

test('what waits stands in its cell until it is answered', () => {
    const { hand, cells } = sheet(walkOf('a', 'b'));
    hand.goOn();
    hand.keyed('3.1');
    hand.goOn();
    assert.equal(cells.a.firstChild.textContent, '3.1 …');
    cells.a.firstChild.textContent = '';
    hand.answered('a');
    hand.render();
    assert.equal(cells.a.firstChild.textContent, '');
});

test('a place that somebody chose stays until something is keyed', () => {
    const { hand, cursor } = sheet(walkOf('a', 'b', 'c'));
    hand.goOn();
    assert.equal(hand.isFree, true);
    hand.choose('c');
    assert.equal(hand.isFree, false);
    hand.keyed('1');
    hand.goOn();
    assert.deepEqual([cursor.place, hand.isFree], ['a', true]);
    hand.move(1, 0);
    assert.deepEqual([cursor.place, hand.isFree], ['b', false]);
});

test('once more reads the last place again, and letting go reads it anew', () => {
    const { hand, cursor, parts } = sheet(walkOf('a', 'b'));
    hand.onceMore();
    assert.equal(cursor.place, null, 'nothing was keyed yet');
    hand.goOn();
    hand.keyed('1');
    hand.goOn();
    hand.onceMore();
    assert.deepEqual([cursor.place, hand.isRepeat, hand.isFree, parts['[data-repeat]'].hidden], ['a', true, false, false]);
    hand.letGo();
    assert.deepEqual([cursor.place, hand.isRepeat, parts['[data-repeat]'].hidden], ['a', false, true]);
});

test('a walk that asks for a repeat is followed as one, wherever it leads from', () => {
    const walk = [{ place: 'b', isProposed: true, isRepeat: true }, ...walkOf('c')];
    const { hand, cursor } = sheet(walk);
    hand.goOn();
    assert.deepEqual([cursor.place, hand.isRepeat, hand.isFree], ['b', true, true]);
    hand.choose('b');
    assert.equal(hand.isRepeat, false, 'chosen by hand it is read anew');
    hand.lead('b');
    assert.equal(hand.isRepeat, true);
});

test('while something is asked the line names the place that is asked about', () => {
    const { hand, parts, ask } = sheet(walkOf('a', 'b'));
    hand.goOn();
    ask({ body: { place: 'c' } });
    hand.render();
    assert.deepEqual([parts['[data-where]'].textContent, parts['[data-hint]'].textContent], ['Place c', '']);
    ask({ body: {} });
    hand.render();
    assert.equal(parts['[data-where]'].textContent, 'Place a');
});

test('where nothing is left it says so', () => {
    const { hand, parts } = sheet([]);
    hand.goOn();
    assert.equal(parts['[data-where]'].textContent, 'Nothing more to read');
});
