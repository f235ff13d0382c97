const SIDE = 1000;
const STEP = 20;
const FINE = 4;

/** Where the crosshair stands on a face, in thousandths of its width and height, and the points that were put down so far. */
export function createMapCursor(height, width = 1000) {
    let x = SIDE / 2;
    let y = SIDE / 2;
    let points = [];
    const clamp = (value) => Math.min(SIDE, Math.max(0, Math.round(value)));

    return {
        get at() {
            return [x, y];
        },
        get points() {
            return points;
        },
        /** The same distance on the drawing both ways, whatever its shape. */
        move(across, down, isFine) {
            const step = isFine ? FINE : STEP;
            x = clamp(x + across * step);
            y = clamp(y + (down * step * width) / height);
        },
        goTo(left, top) {
            x = clamp(left);
            y = clamp(top);
        },
        put() {
            points = [...points, [x, y]];
        },
        clear() {
            points = [];
        },
        /** What is drawn: the points put down, or where the crosshair is. */
        get line() {
            return points.length > 0 ? points : [[x, y]];
        },
    };
}
