import assert from 'node:assert/strict';
import { test } from 'node:test';
import { spoken } from '../../resources/js/sheet/pair.js';
import { seatOf } from '../../resources/js/sheet/seat.js';

test('signs before numbers are said, hyphens within words are not', () => {
    assert.equal(spoken('Cylinder 3, top, thrust. +3.1'), 'Cylinder 3, top, thrust. plus 3.1');
    assert.equal(spoken('\u22120.4'), 'minus 0.4');
    assert.equal(spoken('-.5'), 'minus .5');
    assert.equal(spoken('out-of-round'), 'out-of-round');
});

test('a page keeps its seat over a reload', () => {
    const kept = new Map();
    const storage = { getItem: (key) => kept.get(key) ?? null, setItem: (key, value) => kept.set(key, value) };
    const seat = seatOf(storage);
    assert.match(seat, /^[0-9A-HJKMNP-TV-Z]{26}$/);
    assert.equal(seatOf(storage), seat);
});
