import assert from 'node:assert/strict';
import { test } from 'node:test';
import { feedLine } from '../../resources/js/sheet/feed-line.js';
import { createFeed } from '../../resources/js/sheet/feed.js';

test('a line of the feed is its value and unit, and its number where it has one', () => {
    assert.deepEqual(feedLine('G-07 +1.5 thou 42'), { text: '+1.5 thou', feed: { gauge: 'G-07', number: 42 } });
    assert.deepEqual(feedLine('  g-07\t-3 TENTHS '), { text: '-3 tenths', feed: null });
    assert.deepEqual(feedLine('G-01 3.8156 in 7')?.text, '3.8156 in');
});

test('what somebody types is no line of the feed', () => {
    for (const text of ['3.1', '3 13/16', '30 over', '96.84 mm', '7 tenths', '.0015', '', 'G-07 wide thou 1', '1.5 thou 42']) {
        assert.equal(feedLine(text), null, text);
    }
});

test('each waiting line is handed over once, in order, and only what was taken is reported', async () => {
    const handed = [];
    const posted = [];
    const answers = [
        {
            gauge: 'G-07',
            lines: [
                { ulid: 'A', text: '1 thou' },
                { ulid: 'B', text: '2 thou' },
            ],
        },
        {
            gauge: 'G-07',
            lines: [
                { ulid: 'A', text: '1 thou' },
                { ulid: 'B', text: '2 thou' },
            ],
        },
        { gauge: null, lines: [] },
    ];
    globalThis.fetch = async () => ({ status: 200, json: async () => answers.shift() });
    let canTake = 1;
    const said = [];
    const done = new Promise((resolve) => {
        const feed = createFeed({
            seat: 'S',
            post: async (url, body) => {
                posted.push(body.lines);

                return { status: 200, data: {} };
            },
            take: async (line) => {
                if (canTake === 0) {
                    canTake = 1;

                    return false;
                }
                canTake -= 1;
                handed.push(line.ulid);

                return true;
            },
            say: (gauge) => {
                said.push(gauge);
                if (gauge === null) {
                    resolve();
                }
            },
        });
        feed.start();
    });
    await done;
    assert.deepEqual(handed, ['A', 'B']);
    assert.deepEqual(
        posted,
        [['A'], ['A', 'B']],
        'a line that could not be taken is offered again, one that was not reported is reported again',
    );
    assert.deepEqual(said, ['G-07', null]);
});
