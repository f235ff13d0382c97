const DIALOGS = ['setup', 'size', 'check', 'keys'];

/**
 * What a finger, a mouse, a clipboard or a stray key does on a sheet: choose a place, open a dialog, key several lines,
 * bring the line back.
 *
 * @param desk  { isAsking(), isCommand(key), choose(place), open(dialog), lines(list) }
 */
export function listenToPointing(root, line, desk) {
    root.addEventListener('click', (event) => {
        const target = event.target.closest('td[data-place], [data-goto]');
        if (target && !desk.isAsking()) {
            const isCell = target.matches('td');
            if (!isCell) {
                event.preventDefault();
            }
            desk.choose(isCell ? target.dataset.place : target.dataset.goto);
            line.focus({ preventScroll: !isCell });

            return;
        }
        DIALOGS.filter((name) => event.target.closest(`[data-open-${name}]`)).forEach(desk.open);
    });
    // Several lines at once, from a gauge's own list: each goes to the next place.
    line.addEventListener('paste', (event) => {
        const lines = (event.clipboardData?.getData('text') ?? '').split(/[\r\n]+/).filter((one) => one.trim() !== '');
        if (lines.length > 1 && !desk.isAsking()) {
            event.preventDefault();
            desk.lines(lines.map((one) => one.trim()));
        }
    });
    // Wherever the focus went by a stray touch, a digit belongs to the entry line.
    document.addEventListener('keydown', (event) => {
        const isElsewhere = event.target !== line && (event.target === document.body || root.contains(event.target));
        const isOurs = /^[\d.+-]$/.test(event.key) || (event.key !== '/' && desk.isCommand(event.key));
        if (isElsewhere && isOurs && !event.target.closest('dialog, button, [data-bore-drawing]')) {
            line.focus();
        }
    });
}
