import { openDB } from 'idb';

const DATABASE = 'north-ledger';
const STORE = 'outbox';

/** Resolves once it is on disk, not merely in memory. */
const FLUSHED = { durability: 'strict' };

/**
 * What was keyed and is not yet written down by the server, kept on disk by the browser so that neither a
 * reload nor a crash loses it. Entries keep the order in which they were keyed.
 *
 * An entry: { id, box, url, body, state: 'waiting' | 'asked', question }
 */
export async function openOutbox(box) {
    const database = await openDB(DATABASE, 1, {
        upgrade: (made) => made.createObjectStore(STORE, { keyPath: 'id', autoIncrement: true }),
    });

    async function write(work) {
        const transaction = database.transaction(STORE, 'readwrite', FLUSHED);
        const [result] = await Promise.all([work(transaction.store), transaction.done]);

        return result;
    }

    return {
        async add(entry) {
            const kept = { ...entry, box, state: 'waiting' };
            const id = await write((store) => store.add(kept));

            return { ...kept, id };
        },
        put: (entry) => write((store) => store.put(entry)),
        remove: (id) => write((store) => store.delete(id)),
        all: async () => (await database.getAll(STORE)).filter((entry) => entry.box === box),
    };
}
