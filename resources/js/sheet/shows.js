/** At the practice bench: what the gauge shows, or the hand feels, at the place that is chosen; and on its master, once it goes there. */
export function startShows(root, line, place, checkDialog = null) {
    const here = line.querySelector('[data-shows-here]');
    const onMaster = checkDialog?.querySelector('[data-shows-on-master]');
    let asked = 0;

    async function look() {
        const now = place();
        const mine = ++asked;
        const answer = now === null ? null : await ask(`${line.dataset.shows}?place=${encodeURIComponent(now)}`);
        // Whoever has moved on meanwhile is not told of the place before.
        if (mine === asked) {
            here.textContent = answer?.shows ?? '';
            if (onMaster) {
                onMaster.textContent = answer?.on_master ?? '';
            }
        }
    }

    root.addEventListener('moved', look);
    checkDialog?.addEventListener('focusin', look);
    look();
}

async function ask(address) {
    try {
        const response = await fetch(address, { headers: { Accept: 'application/json' } });

        return response.ok ? await response.json() : null;
    } catch {
        return null;
    }
}
