import assert from 'node:assert/strict';
import { beforeEach, test } from 'node:test';
import { createQuestions } from '../../resources/js/sheet/questions.js';

/** As much of an element as the questions use. */
function element() {
    const one = { hidden: true, children: [], listeners: {}, textContent: '' };
    one.append = (...parts) => one.children.push(...parts);
    one.replaceChildren = () => (one.children = []);
    one.addEventListener = (name, listener) => (one.listeners[name] = listener);
    one.words = () => one.children.map((child) => (typeof child === 'string' ? child : child.textContent)).join(' ');

    return one;
}

globalThis.document = { createElement: element };

const entry = (id, kind, choices = [], values = undefined) => ({
    id,
    body: { place: `bore.${id}.top.thrust`, text: '160' },
    question: { kind, text: 'Is it so?', choices, values },
});

let panel, decided, questions;
beforeEach(() => {
    panel = element();
    decided = [];
    questions = createQuestions(panel, (item, change) => decided.push([item.id, change]));
});

test('shows what was typed, the doubt, and how to answer', () => {
    questions.ask(entry(1, 'confirm'));
    assert.equal(panel.hidden, false);
    assert.match(panel.words(), /“160”: Is it so\?.*Enter: yes, it reads that.*Esc: drop it/);
});

test('Enter on an empty line confirms a doubt and nothing else', () => {
    questions.ask(entry(1, 'confirm'));
    assert.equal(questions.answer(''), true);
    assert.deepEqual(decided, [[1, { confirmed: true }]]);
    assert.equal(panel.hidden, true);

    questions.ask(entry(2, 'unreadable'));
    assert.equal(questions.answer(''), false);
    assert.equal(decided.length, 1);
});

test('a new value replaces what was asked back, unconfirmed', () => {
    questions.ask(entry(1, 'confirm'));
    questions.answer('1.6');
    assert.deepEqual(decided, [[1, { text: '1.6', confirmed: false }]]);
});

test('a digit picks a reason by its code, other words are the reason, and what an older house asked is answered', () => {
    const asked = [
        ['misread', 'wrong place'],
        ['misread', 'wrong_place'],
    ];
    questions.ask(entry(1, 'reason', ...asked));
    assert.match(panel.words(), /1 misread 2 wrong place/);
    questions.answer('2');
    questions.ask(entry(2, 'reason', ...asked));
    questions.answer('the block was hot');
    questions.ask(entry(3, 'reason', ['misread', 'a new part']));
    assert.match(panel.words(), /2 a new part/);
    questions.answer('2');
    assert.deepEqual(decided, [
        [1, { reason: 'wrong_place' }],
        [2, { reason: 'the block was hot' }],
        [3, { reason: 'a new part' }],
    ]);
});

test('questions come one at a time, in order, and the same one only once', () => {
    questions.ask(entry(1, 'confirm'));
    questions.ask(entry(2, 'confirm'));
    questions.ask(entry(2, 'confirm'));
    assert.equal(questions.current.id, 1);
    questions.drop();
    assert.equal(questions.current.id, 2);
    questions.drop();
    assert.equal(questions.current, null);
    assert.deepEqual(decided, [
        [1, null],
        [2, null],
    ]);
});

test('stating a setup takes the questions it answers and leaves the others', () => {
    questions.ask(entry(1, 'setup'));
    questions.ask(entry(2, 'confirm'));
    assert.deepEqual(
        questions.takeAll('setup').map((one) => one.id),
        [1],
    );
    assert.equal(questions.current.id, 2);
});
