const MINUTE = 60_000;
const HOUR = 60 * MINUTE;

/** How long something is ago, as people say it. */
export function ago(milliseconds) {
    if (milliseconds < MINUTE) {
        return 'a moment ago';
    }
    const [count, unit] = milliseconds < HOUR ? [Math.floor(milliseconds / MINUTE), 'minute'] : [Math.floor(milliseconds / HOUR), 'hour'];

    return `${count} ${unit}${count === 1 ? '' : 's'} ago`;
}
