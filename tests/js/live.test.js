import assert from 'node:assert/strict';
import { test } from 'node:test';
import { createClock } from '../../resources/js/live/clock.js';
import { bodyOf } from '../../resources/js/live/form-body.js';
import { showsAll } from '../../resources/js/live/live.js';
import { createMapCursor } from '../../resources/js/live/map-cursor.js';
import { startTimers, titleOf, wordsOf } from '../../resources/js/live/timers.js';

test('a clock follows the server and not the machine it stands on', () => {
    let here = 100;
    const clock = createClock(5_000, () => here);
    here = 350;
    assert.equal(clock.now(), 5_250);
    clock.set(9_000);
    here = 360;
    assert.equal(clock.now(), 9_010);
});

test('a timer counts down, is due on time, and says when it is too late', () => {
    assert.deepEqual(wordsOf(0, 600_000, Infinity), { text: '10:00', isDue: false, isTooLate: false });
    assert.equal(wordsOf(0, 599_999, Infinity).text, '10:00');
    assert.equal(wordsOf(0, 1, Infinity).text, '0:01');
    assert.deepEqual(wordsOf(600_000, 600_000, 3_600_000), { text: 'due', isDue: true, isTooLate: false });
    assert.equal(wordsOf(3_600_000, 600_000, 3_600_000).isTooLate, false);
    assert.deepEqual(wordsOf(3_600_001, 600_000, 3_600_000), { text: 'too late', isDue: true, isTooLate: true });
});

test('the title names the timer that ends first', () => {
    assert.equal(titleOf('Bench', [], 0), 'Bench');
    assert.equal(titleOf('Bench', [90_000, 30_000], 0), '0:30 · Bench');
    assert.equal(titleOf('Bench', [90_000, 30_000], 31_000), '◆ due · Bench');
});

test('every timer warns once, however often it is looked at', (context) => {
    context.mock.timers.enable({ apis: ['setInterval'] });
    let now = 0;
    let warnings = 0;
    const timer = {
        dataset: { due: '1000', timer: 'a' },
        textContent: '',
        querySelector: () => null,
        classList: { toggle: () => {} },
    };
    const page = { title: 'Cracks', querySelectorAll: () => [timer] };
    const running = startTimers(page, { now: () => now }, () => warnings++);
    assert.equal(timer.textContent, '0:01');
    now = 1_500;
    context.mock.timers.tick(500);
    context.mock.timers.tick(500);
    assert.equal(warnings, 1);
    assert.equal(page.title, '◆ due · Cracks');
    clearInterval(running);
});

test('a form says its fields, gathers lists, and leaves out what is empty or the page’s own', () => {
    const body = bodyOf([
        ['_token', 'x'],
        ['ulid', 'y'],
        ['part', 'rods'],
        ['faces[]', 'deck'],
        ['faces[]', 'front'],
        ['photo', new Blob([])],
        ['remark', ''],
        ['rows[0][place]', 'bore.1.top.thrust'],
        ['rows[0][text]', '3.1'],
        ['piston[2]', '1'],
    ]);
    assert.deepEqual(body, {
        part: 'rods',
        faces: ['deck', 'front'],
        remark: '',
        rows: { 0: { place: 'bore.1.top.thrust', text: '3.1' } },
        piston: { 2: '1' },
    });
});

test('the crosshair moves the same distance both ways, stays on the face, and keeps the points put down', () => {
    const cursor = createMapCursor(250);
    assert.deepEqual(cursor.line, [[500, 500]], 'without points the crosshair itself is the spot');
    cursor.move(1, 1, false);
    assert.deepEqual(cursor.at, [520, 580]);
    cursor.put();
    cursor.move(0, 1, true);
    cursor.put();
    assert.deepEqual(cursor.line, [
        [520, 580],
        [520, 596],
    ]);
    for (let i = 0; i < 60; i++) {
        cursor.move(-1, -1, false);
    }
    assert.deepEqual(cursor.at, [0, 0]);
    cursor.goTo(2_000, -5);
    assert.deepEqual(cursor.at, [1000, 0]);
    cursor.clear();
    assert.equal(cursor.points.length, 0);
});

test('an answer made for another page of the job leaves this one to be asked for again', () => {
    const order = ['head', 'order', 'entry', 'margin'];
    assert.equal(showsAll(order, { fragments: { bench: '', margin: '' }, rest_is_shown: false }), false);
    assert.equal(showsAll(order, { fragments: { head: '', order: '', entry: '', margin: '' }, rest_is_shown: false }), true);
    assert.equal(showsAll(order, { fragments: { entry: '', margin: '' }, rest_is_shown: true }), true);
    assert.equal(showsAll(['bench', 'margin'], { fragments: { bench: '', margin: '' } }), true);
});
