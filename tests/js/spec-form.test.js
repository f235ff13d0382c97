import assert from 'node:assert/strict';
import { test } from 'node:test';
import { startSpecForm } from '../../resources/js/spec-form.js';

function formWith(place) {
    let change = null;

    return {
        dataset: { followsFrom: '/specs/tarn/follows' },
        querySelector: () => place,
        addEventListener: (name, listener) => (change = listener),
        change: () => change(),
    };
}

globalThis.FormData = class {};

test('an answer that comes late does not replace a newer one', async () => {
    const place = { innerHTML: '' };
    const form = formWith(place);
    const waiting = [];
    startSpecForm(form, () => new Promise((answer) => waiting.push(answer)));
    const [first, second] = [form.change(), form.change()];
    waiting[1]({ ok: true, text: async () => 'new' });
    await second;
    waiting[0]({ ok: true, text: async () => 'old' });
    await first;
    assert.equal(place.innerHTML, 'new');
});

test('a dead network and a refusal leave what is shown', async () => {
    const place = { innerHTML: 'as it was' };
    const form = formWith(place);
    const answers = [Promise.reject(new Error('offline')), Promise.resolve({ ok: false, text: async () => 'no' })];
    startSpecForm(form, () => answers.shift());
    await form.change();
    await form.change();
    assert.equal(place.innerHTML, 'as it was');
});
