const MOVES = { ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1] };
const SIDEWAYS = ['ArrowLeft', 'ArrowRight'];

/**
 * Turns keys in the entry line into what they mean there. Letters are commands, and sideways arrows move, only
 * while the line is empty; in a text they are text.
 *
 * @param desk  { enter(text), escape(text), move(rows, columns), isCommand(key), command(key) }
 */
export function listenToKeys(line, desk) {
    line.addEventListener('keydown', (event) => {
        if (event.ctrlKey || event.metaKey || event.altKey) {
            return;
        }
        const meaning = meaningOf(event.key, line.value.trim(), desk);
        if (meaning) {
            event.preventDefault();
            meaning();
        }
    });
}

export function meaningOf(key, text, desk) {
    if (key === 'Enter') {
        return () => desk.enter(text);
    }
    if (key === 'Escape') {
        return () => desk.escape(text);
    }
    if (MOVES[key] && (text === '' || !SIDEWAYS.includes(key))) {
        return () => desk.move(...MOVES[key]);
    }

    return text === '' && desk.isCommand(key) ? () => desk.command(key) : null;
}
