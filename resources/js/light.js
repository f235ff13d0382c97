const KEY = 'north-ledger-light';
const LIGHTS = ['paper', 'night'];

/** Paper or night bench: follows the system until somebody switches. */
export function startLight(page) {
    const root = page.documentElement;
    const chosen = localStorage.getItem(KEY);
    // What is printed is always paper.
    if (LIGHTS.includes(chosen) && !root.dataset.light) {
        root.dataset.light = chosen;
    }
    page.querySelector('[data-light]:is(button)')?.addEventListener('click', () => {
        const isDark = root.dataset.light ? root.dataset.light === 'night' : matchMedia('(prefers-color-scheme: dark)').matches;
        root.dataset.light = isDark ? 'paper' : 'night';
        localStorage.setItem(KEY, root.dataset.light);
    });
}
