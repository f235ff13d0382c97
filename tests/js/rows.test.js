import assert from 'node:assert/strict';
import { beforeEach, test } from 'node:test';
import { listenToRows } from '../../resources/js/live/rows.js';

let rows;
let press;
let focused;
let clicked;

/** Rows as the page has them, as far as keys are concerned: each with buttons by key. */
function row(name, keys, { pressed = null, standing = null } = {}) {
    const buttons = Object.fromEntries(keys.map((key) => [key, { click: () => clicked.push(`${name} ${key}`), matches: () => false }]));
    const self = {
        name,
        focus: () => (focused = name),
        matches: () => false,
        closest: () => self,
        querySelector: (css) => {
            const key = css.match(/data-key="(.+)"/)?.[1];
            if (key) {
                return buttons[key] ?? null;
            }

            return css.includes('aria-pressed') ? (buttons[pressed] ?? null) : (buttons[standing] ?? null);
        },
    };

    return self;
}

function field(inRow, kind = 'input') {
    return { closest: () => inRow, matches: (css) => css.split(', ').includes(kind) };
}

beforeEach(() => {
    globalThis.CSS = { escape: (text) => text };
    clicked = [];
    focused = '';
    rows = [row('a', ['1', '2']), row('b', ['1', '2'], { pressed: '2', standing: '1' }), row('c', ['1'], { standing: '1' })];
    let listener;
    listenToRows({ addEventListener: (_, heard) => (listener = heard), querySelectorAll: () => rows });
    press = (key, target, more = {}) => {
        let wasTaken = false;
        listener({ key, target, preventDefault: () => (wasTaken = true), ...more });

        return wasTaken;
    };
});

test('a key answers its row and the next row comes under the hand', () => {
    assert.equal(press('2', rows[0]), true);
    assert.deepEqual(clicked, ['a 2']);
    assert.equal(focused, 'b');
});

test('the last row keeps the hand', () => {
    press('1', rows[2]);
    assert.deepEqual(clicked, ['c 1']);
    assert.equal(focused, '');
});

test('arrows go from row to row and stop at both ends', () => {
    press('ArrowDown', rows[0]);
    assert.equal(focused, 'b');
    press('ArrowUp', rows[1]);
    assert.equal(focused, 'a');
    focused = '';
    press('ArrowUp', rows[0]);
    assert.equal(focused, '');
});

test('a key that means nothing here is left to the browser', () => {
    assert.equal(press('7', rows[0]), false);
    assert.equal(press('1', rows[0], { ctrlKey: true }), false);
    assert.deepEqual(clicked, []);
});

test('digits typed into a field are text', () => {
    assert.equal(press('1', field(rows[0])), false);
    assert.deepEqual(clicked, []);
});

test('Enter in a field answers as the row stands, else by its proposed answer', () => {
    press('Enter', field(rows[1]));
    press('Enter', field(rows[2]));
    assert.deepEqual(clicked, ['b 2', 'c 1']);
    assert.equal(press('Enter', field(rows[0])), false, 'a row without either leaves Enter to its form');
});

test('Enter in a list of choices stays with the list, and Escape goes back to the row', () => {
    assert.equal(press('Enter', field(rows[1], 'select')), false);
    press('Escape', field(rows[1]));
    assert.equal(focused, 'b');
});
