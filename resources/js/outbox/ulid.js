const ALPHABET = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';

/** A ULID: 48 bits of time, 80 of chance; what makes a write countable once. */
export function ulid(now = Date.now()) {
    let time = now;
    let head = '';
    for (let i = 0; i < 10; i++) {
        head = ALPHABET[time % 32] + head;
        time = Math.floor(time / 32);
    }
    const chance = crypto.getRandomValues(new Uint8Array(16));

    return head + Array.from(chance, (byte) => ALPHABET[byte % 32]).join('');
}
