import assert from 'node:assert/strict';
import { test } from 'node:test';
import { startPlan } from '../../resources/js/plan.js';

function page(words) {
    const fresh = { childNodes: [words] };

    return { querySelector: () => fresh };
}

/** A form whose pieces that follow are kept in `shown`, and what was asked of the server in `asked`. */
function plan(values) {
    const shown = [];
    const heard = {};
    const asked = [];
    const waiting = [];
    globalThis.location = { pathname: '/jobs/NL-0401/plan' };
    globalThis.FormData = class {
        *[Symbol.iterator]() {
            yield* values;
        }
    };
    globalThis.DOMParser = class {
        parseFromString(text) {
            return page(text);
        }
    };
    globalThis.document = {
        activeElement: null,
        querySelectorAll: () => [{ dataset: { planLive: 'total' }, replaceChildren: (...nodes) => shown.push(...nodes) }],
    };
    startPlan({ addEventListener: (name, listen) => (heard[name] = listen) }, (address) => {
        asked.push(address);

        return new Promise((answer) => waiting.push(answer));
    });

    return { heard, shown, asked, waiting };
}

const reply = (words, ok = true) => ({ ok, text: async () => words });

test('a choice asks the server for the whole plan, and shows what it says', async () => {
    const { heard, shown, asked, waiting } = plan([
        ['option', 'stay'],
        ['parts[mains]', 'polish'],
        ['reason', 'not asked'],
    ]);
    const done = heard.change({ target: { type: 'radio' } });
    assert.deepEqual(asked, ['/jobs/NL-0401/plan?option=stay&parts%5Bmains%5D=polish']);
    waiting[0](reply('800'));
    await done;
    assert.deepEqual(shown, ['800']);
    await heard.change({ target: { type: 'text' } });
    assert.equal(asked.length, 1);
});

test('an answer that comes after a newer question is passed over, and so is none', async () => {
    const { heard, shown, waiting } = plan([['option', 'stay']]);
    const first = heard.change({ target: { type: 'radio' } });
    const second = heard.change({ target: { type: 'radio' } });
    waiting[1](reply('second'));
    waiting[0](reply('first'));
    await Promise.all([first, second]);
    assert.deepEqual(shown, ['second']);
    const third = heard.change({ target: { type: 'radio' } });
    waiting[2](reply('an error', false));
    await third;
    assert.deepEqual(shown, ['second']);
});
