import assert from 'node:assert/strict';
import { test } from 'node:test';
import { meaningOf } from '../../resources/js/sheet/keys.js';
import { ulid } from '../../resources/js/outbox/ulid.js';

function desk() {
    const did = [];

    return {
        did,
        enter: (text) => did.push(['enter', text]),
        escape: (text) => did.push(['escape', text]),
        move: (rows, columns) => did.push(['move', rows, columns]),
        isCommand: (key) => 'urz?'.includes(key),
        command: (key) => did.push(['command', key]),
    };
}

test('letters are commands only while the line is empty', () => {
    const one = desk();
    meaningOf('u', '', one)();
    assert.deepEqual(one.did, [['command', 'u']]);
    assert.equal(meaningOf('u', '12 ', one), null);
    assert.equal(meaningOf('7', '', one), null);
});

test('sideways arrows edit a text and move from an empty line; up and down always move', () => {
    const one = desk();
    assert.equal(meaningOf('ArrowLeft', '3.8', one), null);
    meaningOf('ArrowLeft', '', one)();
    meaningOf('ArrowDown', '3.8', one)();
    assert.deepEqual(one.did, [
        ['move', 0, -1],
        ['move', 1, 0],
    ]);
});

test('Enter and Escape get what stands in the line', () => {
    const one = desk();
    meaningOf('Enter', '+3.1', one)();
    meaningOf('Escape', '', one)();
    assert.deepEqual(one.did, [
        ['enter', '+3.1'],
        ['escape', ''],
    ]);
});

test('numbers of writes are well formed, all different, and sort by their time', () => {
    const numbers = Array.from({ length: 500 }, () => ulid());
    assert.equal(new Set(numbers).size, 500);
    assert.ok(numbers.every((number) => /^[0-7][0-9A-HJKMNP-TV-Z]{25}$/.test(number)));
    assert.ok(ulid(1_000_000) < ulid(2_000_000_000_000));
});
