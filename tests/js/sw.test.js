import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import test from 'node:test';
import vm from 'node:vm';

const HOUSE = 'http://house.test';
const HOUR = 3_600_000;

/** A browser that keeps pages, as far as the keeper knows of one; the house answers what a test says. */
function browser(answer) {
    const stores = new Map();
    const listeners = {};
    const asked = [];
    let now = 1_000_000;
    const open = (name) => {
        stores.has(name) || stores.set(name, new Map());
        const store = stores.get(name);
        const key = (request) => (typeof request === 'string' ? new URL(request, HOUSE).href : request.url);

        return {
            match: async (request) => store.get(key(request))?.clone(),
            put: async (request, response) => store.set(key(request), response),
            delete: async (request) => store.delete(key(request)),
            keys: async () => [...store.keys()].map((url) => ({ url })),
        };
    };
    class HouseRequest {
        constructor(address, { method = 'GET', mode = 'cors' } = {}) {
            this.url = new URL(typeof address === 'string' ? address : address.url, HOUSE).href;
            this.method = method;
            this.mode = mode;
        }
    }
    class KnownDate extends Date {
        static now() {
            return now;
        }
    }
    vm.runInNewContext(readFileSync(new URL('../../public/sw.js', import.meta.url), 'utf8'), {
        self: { addEventListener: (name, does) => (listeners[name] = does), skipWaiting() {}, clients: { claim: async () => {} } },
        location: new URL(HOUSE),
        caches: { open: async (name) => open(name), delete: async (name) => stores.delete(name) },
        fetch: async (request) => {
            asked.push(new URL(request.url).pathname);

            return answer(new URL(request.url).pathname);
        },
        setTimeout: (does) => setTimeout(does, 5),
        Request: HouseRequest,
        Date: KnownDate,
        Response,
        Headers,
        URL,
        Error,
        Number,
        String,
    });

    return {
        asked,
        later: (time) => (now += time),
        kept: (name) => [...(stores.get(name)?.keys() ?? [])].map((url) => new URL(url).pathname),
        async goTo(path, { method = 'GET', mode = 'navigate' } = {}) {
            let response = null;
            listeners.fetch({ request: new HouseRequest(path, { method, mode }), respondWith: (one) => (response = one), waitUntil() {} });

            return response;
        },
        async say(data) {
            let done = null;
            listeners.message({ data, waitUntil: (one) => (done = one) });
            await done;
        },
        async install() {
            let done = null;
            listeners.install({ waitUntil: (one) => (done = one) });
            await done;
        },
    };
}

const page = (text) => new Response(`<html lang="en"><p>${text}</p></html>`, { headers: { 'Content-Type': 'text/html; charset=utf-8' } });

test('a page that was open opens again as it was, and says when', async () => {
    let isThere = true;
    const tablet = browser((path) => (isThere ? page(path) : Promise.reject(new Error('no network'))));
    await (await tablet.goTo('/jobs/406/measure')).text();
    assert.deepEqual(tablet.kept('pages'), ['/jobs/406/measure']);

    isThere = false;
    tablet.later(HOUR);
    assert.equal(
        await (await tablet.goTo('/jobs/406/measure')).text(),
        '<html data-kept-at="1000000" data-lacking="network" lang="en"><p>/jobs/406/measure</p></html>',
    );
    tablet.later(24 * HOUR);
    assert.equal((await tablet.goTo('/jobs/406/measure')).type, 'error', 'nobody works by yesterday’s sheet');
});

test('a house that is down or too slow is answered for; one that says no is not', async () => {
    let now = () => page('fresh');
    const tablet = browser(() => now());
    await tablet.goTo('/jobs/406/work');
    for (const status of [502, 503, 504]) {
        now = () => new Response('down', { status });
        assert.match(await (await tablet.goTo('/jobs/406/work')).text(), /data-kept-at="\d+" data-lacking="server"/);
    }
    now = () => new Promise(() => {});
    assert.match(await (await tablet.goTo('/jobs/406/work')).text(), /data-kept-at/);
    now = () => new Response('not yours', { status: 403 });
    assert.equal((await tablet.goTo('/jobs/406/work')).status, 403);
    now = () => new Response('down', { status: 503 });
    assert.equal((await tablet.goTo('/jobs/407/work')).status, 503, 'of what was never open the house speaks itself');
});

test('only pages of jobs and machines are kept', async () => {
    const tablet = browser((path) => page(path));
    for (const path of [
        '/',
        '/jobs/406/plan',
        '/people',
        '/specs',
        '/machines/mill',
        '/jobs/406/certificate',
        '/shop/prices',
        '/jobs/406/bores/1',
    ]) {
        await tablet.goTo(path);
    }
    assert.deepEqual(tablet.kept('pages'), ['/', '/machines/mill', '/jobs/406/bores/1']);
    await tablet.goTo('/jobs/406/measure', { method: 'POST' });
    assert.equal(await tablet.goTo('/jobs/406/live/work', { mode: 'cors' }), null, 'what a page asks for goes its own way');
    await tablet.say({ type: 'keep', page: `${HOUSE}/people`, files: [] });
    assert.deepEqual(tablet.kept('pages').length, 3);
    await tablet.say({ type: 'keep', page: `${HOUSE}/jobs/9/verify/deck`, files: [`${HOUSE}/build/a.css`] });
    assert.deepEqual([tablet.kept('pages').at(-1), tablet.kept('files')], ['/jobs/9/verify/deck', ['/build/a.css']]);
});

test('what is named by its content is fetched once', async () => {
    const tablet = browser((path) => new Response(path));
    for (let time = 0; time < 3; time++) {
        assert.equal(await (await tablet.goTo('/build/app-1a2b.js', { mode: 'cors' })).text(), '/build/app-1a2b.js');
    }
    assert.deepEqual(tablet.asked, ['/build/app-1a2b.js']);
});

test('the oldest pages go first, and whoever logs out takes all along', async () => {
    let isThere = true;
    const tablet = browser((path) => (isThere ? page(path) : Promise.reject(new Error('no network'))));
    await tablet.install();
    for (let job = 1; job <= 45; job++) {
        await tablet.goTo(`/jobs/${job}/measure`);
    }
    assert.equal(tablet.kept('pages').length, 41);
    assert.deepEqual(tablet.kept('pages').slice(0, 2), ['/no-network', '/jobs/6/measure'], 'what stands for the others never goes');

    await tablet.goTo('/logout', { method: 'POST' });
    await new Promise((done) => setTimeout(done, 20));
    assert.deepEqual(tablet.kept('pages'), ['/no-network']);
    isThere = false;
    assert.match(await (await tablet.goTo('/jobs/44/measure')).text(), /\/no-network/);
    assert.match(await (await tablet.goTo('/login')).text(), /\/no-network/, 'the door needs the house');
});
