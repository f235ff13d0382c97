const DATABASE = 'north-ledger';
const STORE = 'outbox';

/**
 * What was keyed and is not yet written down by the server, kept on disk by the browser so that neither a
 * reload nor a crash loses it. Entries keep the order in which they were keyed.
 *
 * An entry: { id, box, url, body, state: 'waiting' | 'asked', question }
 */
export async function openOutbox(box) {
    const database = await open();

    return {
        add: async (entry) => {
            const id = await write(database, (store) => store.add({ ...entry, box, state: 'waiting' }));

            return { ...entry, box, state: 'waiting', id };
        },
        put: (entry) => write(database, (store) => store.put(entry)),
        remove: (id) => write(database, (store) => store.delete(id)),
        all: async () => (await read(database)).filter((entry) => entry.box === box),
    };
}

function open() {
    return new Promise((resolve, reject) => {
        const request = indexedDB.open(DATABASE, 1);
        request.onupgradeneeded = () => request.result.createObjectStore(STORE, { keyPath: 'id', autoIncrement: true });
        request.onsuccess = () => resolve(request.result);
        request.onerror = () => reject(request.error);
    });
}

/** Resolves once it is on disk, not merely in memory. */
function write(database, work) {
    return new Promise((resolve, reject) => {
        const transaction = database.transaction(STORE, 'readwrite', { durability: 'strict' });
        const request = work(transaction.objectStore(STORE));
        transaction.oncomplete = () => resolve(request.result);
        transaction.onerror = () => reject(transaction.error);
        transaction.onabort = () => reject(transaction.error);
    });
}

function read(database) {
    return new Promise((resolve, reject) => {
        const request = database.transaction(STORE).objectStore(STORE).getAll();
        request.onsuccess = () => resolve(request.result);
        request.onerror = () => reject(request.error);
    });
}
