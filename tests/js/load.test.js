import assert from 'node:assert/strict';
import { test } from 'node:test';
import { minuteAt, neighbour, openMinute, xAt } from '../../resources/js/load.js';

/** Two days of nine hours, a night between them. */
const days = [
    { x: 150, width: 540, from: 480, to: 1020 },
    { x: 690, width: 540, from: 1920, to: 2460 },
];

test('a minute stands in its day, one in the night between the days', () => {
    assert.equal(xAt(days, 480), 150);
    assert.equal(xAt(days, 600), 270);
    assert.equal(xAt(days, 1500), 690);
    assert.equal(xAt(days, 9000), 1230);
});

test('a place on the axis is a minute again, to five minutes', () => {
    for (const minutes of [480, 600, 1015, 1920, 2455]) {
        assert.equal(minuteAt(days, xAt(days, minutes)), minutes);
    }
    assert.equal(minuteAt(days, 152), 480);
    assert.equal(minuteAt(days, 0), 480);
    assert.equal(minuteAt(days, 9999), 2460);
});

test('who moves into the night comes out in the morning, or the evening before', () => {
    assert.equal(openMinute(days, 1030, 1), 1920);
    assert.equal(openMinute(days, 1910, -1), 1005);
    assert.equal(openMinute(days, 700, 1), 700);
    assert.equal(openMinute(days, 470, -1), 470);
});

const bar = (x) => ({ dataset: { x: String(x) } });

test('arrows go along a machine, and to what stands nearest at the next one', () => {
    const rows = [
        [bar(10), bar(50)],
        [bar(0), bar(40), bar(90)],
    ];
    assert.equal(neighbour(rows, rows[0][0], 'ArrowRight'), rows[0][1]);
    assert.equal(neighbour(rows, rows[0][1], 'ArrowRight'), null);
    assert.equal(neighbour(rows, rows[0][1], 'ArrowDown'), rows[1][1]);
    assert.equal(neighbour(rows, rows[1][2], 'ArrowUp'), rows[0][1]);
    assert.equal(neighbour(rows, rows[0][0], 'ArrowUp'), null);
});
