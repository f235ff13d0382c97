import { ulid } from '../outbox/ulid.js';

const KEY = 'north-ledger-seat';

/** The number of this page among those that work on a sheet; a reload keeps it, another tab has its own. */
export function seatOf(storage) {
    const kept = storage.getItem(KEY);
    if (kept) {
        return kept;
    }
    const seat = ulid();
    storage.setItem(KEY, seat);

    return seat;
}
