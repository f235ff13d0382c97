import assert from 'node:assert/strict';
import { test } from 'node:test';
import { createSender } from '../../resources/js/outbox/sender.js';

function memoryStore(bodies) {
    let entries = bodies.map((body, index) => ({ id: index + 1, url: '/readings', body, state: 'waiting' }));

    return {
        all: async () => entries.map((entry) => ({ ...entry })),
        put: async (entry) => (entries = entries.map((one) => (one.id === entry.id ? entry : one))),
        remove: async (id) => (entries = entries.filter((one) => one.id !== id)),
        add: (body) => (entries = [...entries, { id: entries.length + 100, url: '/readings', body, state: 'waiting' }]),
    };
}

function listener() {
    const heard = { answers: [], asked: [], states: [] };

    return {
        heard,
        on: {
            answer: (entry, data) => heard.answers.push([entry.body.ulid, data]),
            asked: (entry) => heard.asked.push([entry.body.ulid, entry.question.kind]),
            state: (name) => heard.states.push(name),
        },
    };
}

const noPause = async () => {};

test('sends in the order in which they were keyed, each once', async () => {
    const store = memoryStore([{ ulid: 'A' }, { ulid: 'B' }, { ulid: 'C' }]);
    const { heard, on } = listener();
    const sent = [];
    const post = async (url, body) => (sent.push(body.ulid), { status: 200, data: { head: sent.length } });

    await createSender({ store, post, pause: noPause, on }).nudge();

    assert.deepEqual(sent, ['A', 'B', 'C']);
    assert.deepEqual(heard.states, ['sent']);
    assert.deepEqual(await store.all(), []);
});

test('what is not answered is sent again with the same number before anything after it', async () => {
    const store = memoryStore([{ ulid: 'A' }, { ulid: 'B' }]);
    const { heard, on } = listener();
    const sent = [];
    const replies = [new Error('cable'), { status: 503, data: null }, { status: 200 }, { status: 200 }];
    const post = async (url, body) => {
        sent.push(body.ulid);
        const reply = replies.shift();
        if (reply instanceof Error) {
            throw reply;
        }

        return reply;
    };

    await createSender({ store, post, pause: noPause, on }).nudge();

    assert.deepEqual(sent, ['A', 'A', 'A', 'B']);
    assert.deepEqual(heard.states, ['away', 'away', 'sent']);
});

test('an entry that is asked back steps aside and stays in the store', async () => {
    const store = memoryStore([{ ulid: 'A' }, { ulid: 'B' }]);
    const { heard, on } = listener();
    const post = async (url, body) =>
        body.ulid === 'A'
            ? { status: 422, data: { question: { kind: 'confirm', text: 'Really?', choices: [] } } }
            : { status: 200, data: {} };

    await createSender({ store, post, pause: noPause, on }).nudge();

    assert.deepEqual(heard.asked, [['A', 'confirm']]);
    assert.deepEqual(heard.answers, [['B', {}]]);
    const [left] = await store.all();
    assert.equal(left.state, 'asked');
});

test('a refusal without a question keeps the entry and says why', async () => {
    const store = memoryStore([{ ulid: 'A' }]);
    const asked = [];
    const post = async () => ({ status: 422, data: { message: 'no', errors: { place: ['No such place.'] } } });

    await createSender({
        store,
        post,
        pause: noPause,
        on: { answer() {}, state() {}, asked: (entry) => asked.push(entry.question) },
    }).nudge();

    assert.deepEqual(asked, [{ kind: 'refused', text: 'No such place.', choices: [] }]);
});

test('a session that has ended stops the sending and loses nothing', async () => {
    for (const status of [401, 419]) {
        const store = memoryStore([{ ulid: 'A' }, { ulid: 'B' }]);
        const { heard, on } = listener();
        await createSender({ store, post: async () => ({ status, data: null }), pause: noPause, on }).nudge();

        assert.deepEqual(heard.states, ['locked']);
        assert.equal((await store.all()).filter((entry) => entry.state === 'waiting').length, 2);
    }
});

test('what is keyed while it sends is sent too, and nothing is sent twice at once', async () => {
    const store = memoryStore([{ ulid: 'A' }]);
    const { on } = listener();
    const sent = [];
    const sender = createSender({
        store,
        pause: noPause,
        on,
        post: async (url, body) => {
            sent.push(body.ulid);
            if (body.ulid === 'A') {
                store.add({ ulid: 'B' });
                await sender.nudge();
            }

            return { status: 200, data: {} };
        },
    });

    await sender.nudge();

    assert.deepEqual(sent, ['A', 'B']);
});

test('what the server fails at more than three times is set aside, kept, and holds nothing up', async () => {
    const store = memoryStore([{ ulid: 'A' }, { ulid: 'B' }]);
    const { heard, on } = listener();
    const sent = [];
    const post = async (url, body) => {
        sent.push(body.ulid);

        return body.ulid === 'A' ? { status: 500, data: null } : { status: 200, data: {} };
    };

    await createSender({ store, post, pause: noPause, on }).nudge();

    assert.deepEqual(sent, ['A', 'A', 'A', 'A', 'B']);
    assert.deepEqual(heard.asked, [['A', 'failed']]);
    assert.deepEqual(heard.answers, [['B', {}]]);
    assert.equal((await store.all()).length, 1, 'it is kept');
});

test('a database that is away sets nothing aside, however long it takes', async () => {
    const store = memoryStore([{ ulid: 'A' }]);
    const { heard, on } = listener();
    let tries = 0;
    const post = async () => (++tries < 12 ? { status: 503, data: null } : { status: 200, data: {} });

    await createSender({ store, post, pause: noPause, on }).nudge();

    assert.deepEqual(heard.asked, []);
    assert.deepEqual(heard.answers, [['A', {}]]);
});
