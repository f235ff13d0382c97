const PAUSE = 300;

/** Shows earlier jobs of a serial number while it is typed. */
export function startSeen(page) {
    const field = page.querySelector('[data-seen-serial]');
    const place = page.querySelector('[data-seen]');
    if (!field || !place) {
        return;
    }
    let timer = 0;
    field.addEventListener('input', () => {
        clearTimeout(timer);
        timer = setTimeout(async () => {
            const serial = field.value.trim();
            const reply = await fetch(`/seen?serial=${encodeURIComponent(serial)}`, { credentials: 'same-origin' }).catch(() => null);
            if (reply?.ok && serial === field.value.trim()) {
                place.innerHTML = await reply.text();
            }
        }, PAUSE);
    });
}
