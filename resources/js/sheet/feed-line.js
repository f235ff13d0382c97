const LINE = /^([a-z][a-z0-9-]{0,11})\s+([+\u2212-]?(?:\d+(?:\.\d*)?|\.\d+))\s+(in|mm|thou|tenths|um)(?:\s+(\d{1,12}))?$/i;

/**
 * A line of the gauge feed as it is pasted or typed by a keyboard-wedge gauge: “G-07 +1.5 thou 42”. Null where the text
 * is no such line; then it is a reading like any other.
 */
export function feedLine(text) {
    const match = LINE.exec(text.trim());
    if (!match) {
        return null;
    }
    const [, gauge, value, unit, number] = match;

    return { text: `${value} ${unit.toLowerCase()}`, feed: number === undefined ? null : { gauge, number: Number(number) } };
}
