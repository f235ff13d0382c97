import assert from 'node:assert/strict';
import test from 'node:test';
import { startShows } from '../../resources/js/sheet/shows.js';

/** A sheet's page as far as what a gauge shows needs one: two words to fill, and a root that says where the cursor went. */
function page(answers) {
    const here = { textContent: '' };
    const onMaster = { textContent: '' };
    const asked = [];
    const line = {
        dataset: { shows: '/jobs/NL-0401/practice/bores/shows' },
        querySelector: () => here,
    };
    const listeners = {};
    const root = {
        addEventListener: (name, listener) => (listeners[name] = listener),
        dispatch: (name) => listeners[name](),
    };
    globalThis.fetch = (address) => {
        asked.push(address);

        return answers(address);
    };

    const dialog = {
        querySelector: () => onMaster,
        addEventListener: (name, listener) => (listeners[name] = listener),
    };

    return { root, line, here, onMaster, dialog, asked };
}

const answer = (shows, onMaster = '') => Promise.resolve({ ok: true, json: () => Promise.resolve({ shows, on_master: onMaster }) });

const settled = () => new Promise((done) => setTimeout(done, 0));

test('what the gauge shows at the place that is chosen is asked for at once', async () => {
    const { root, line, here, asked } = page(() => answer('Shows +4.5 thou'));
    startShows(root, line, () => 'bore.1.top.thrust');
    await settled();
    assert.deepEqual(asked, ['/jobs/NL-0401/practice/bores/shows?place=bore.1.top.thrust']);
    assert.equal(here.textContent, 'Shows +4.5 thou');
});

test('what it shows on its master stands where it is put back, as it is then', async () => {
    let drift = 0;
    const { root, line, onMaster, dialog, asked } = page(() => answer('Shows 4', `It shows ${drift}`));
    startShows(root, line, () => 'bore.1.top.thrust', dialog);
    await settled();
    drift = 8;
    root.dispatch('focusin');
    await settled();
    assert.equal(asked.length, 2);
    assert.equal(onMaster.textContent, 'It shows 8');
});

test('it is asked again wherever the cursor goes', async () => {
    let place = 'main.1.front.0';
    const { root, line, here, asked } = page((address) => answer(address.slice(-14)));
    startShows(root, line, () => place);
    await settled();
    place = 'main.2.front.0';
    root.dispatch('moved');
    await settled();
    assert.equal(asked.length, 2);
    assert.equal(here.textContent, 'main.2.front.0');
});

test('an answer that comes after the cursor has moved on is not shown', async () => {
    const waiting = [];
    let place = 'slow';
    const { root, line, here } = page(() => new Promise((done) => waiting.push(done)));
    startShows(root, line, () => place);
    place = 'quick';
    root.dispatch('moved');
    const json = (shows) => ({ ok: true, json: () => Promise.resolve({ shows, on_master: '' }) });
    waiting[1](json('of the second'));
    await settled();
    waiting[0](json('of the first'));
    await settled();
    assert.equal(here.textContent, 'of the second');
});

test('where nothing is chosen nothing is asked, and without the network nothing is shown', async () => {
    const none = page(() => answer('never'));
    startShows(none.root, none.line, () => null);
    await settled();
    assert.deepEqual(none.asked, []);

    const away = page(() => Promise.reject(new TypeError('no network')));
    away.here.textContent = 'what stood there';
    startShows(away.root, away.line, () => 'bore.1.top.thrust');
    await settled();
    assert.equal(away.here.textContent, '');

    const refused = page(() => Promise.resolve({ ok: false }));
    startShows(refused.root, refused.line, () => 'bore.1.top.thrust');
    await settled();
    assert.equal(refused.here.textContent, '');
});
