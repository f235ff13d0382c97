import assert from 'node:assert/strict';
import { test } from 'node:test';
import { neighbour, nextOpen } from '../../resources/js/work.js';

const cell = (name, isHere = false) => ({ name, classList: { contains: (word) => word === 'here' && isHere } });

function sheet(here) {
    return [['wash'], ['bore 1', 'bore 2', 'bore 3'], ['deck 1', 'deck 2']].map((row) => row.map((name) => cell(name, name === here)));
}

const from = (here, step) => neighbour(sheet(here), step)?.name ?? null;

test('arrows go along a row and stop at its ends', () => {
    assert.equal(from('bore 1', [0, 1]), 'bore 2');
    assert.equal(from('bore 3', [0, 1]), null);
    assert.equal(from('bore 1', [0, -1]), null);
});

test('a shorter row is entered at its end', () => {
    assert.equal(from('bore 3', [1, 0]), 'deck 2');
    assert.equal(from('bore 3', [-1, 0]), 'wash');
    assert.equal(from('wash', [-1, 0]), null);
});

test('where nothing is current the first cell is taken', () => {
    assert.equal(from('nowhere', [1, 0]), 'wash');
});

const row = (...states) =>
    states.map(([name, ...words]) => ({ name, dataset: { op: name }, classList: { contains: (word) => words.includes(word) } }));
const next = (sent, ...states) => nextOpen([row(['deck', 'open']), row(...states)], new Set(sent))?.name ?? null;

test('after a write the next open cell of the row is gone to, and no other row', () => {
    assert.equal(next([], ['bore 1', 'done'], ['bore 2', 'here', 'open'], ['bore 3', 'waits'], ['bore 4', 'open']), 'bore 4');
    assert.equal(next([], ['bore 1', 'open'], ['bore 2', 'done'], ['bore 3', 'here', 'open']), 'bore 1');
    assert.equal(next([], ['bore 1', 'done'], ['bore 2', 'here', 'open']), null);
});

test('what is on its way is not gone to again, although an answer to something earlier shows it open', () => {
    assert.equal(next(['bore 1', 'bore 2'], ['bore 1', 'open'], ['bore 2', 'here', 'open'], ['bore 3', 'open']), 'bore 3');
    assert.equal(next(['bore 1', 'bore 2'], ['bore 1', 'open'], ['bore 2', 'here', 'open']), null);
});
