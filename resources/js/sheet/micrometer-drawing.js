const NAMESPACE = 'http://www.w3.org/2000/svg';
const LEFT = 24;
const DATUM = 92;
const LINE_APART = 6.4;
const THIMBLE_APART = 9;
const VERNIER_APART = 7;
const VERNIER_LINES = 10;
const THIMBLE_LINES_SEEN = 8;
const HALF_SEEN = 78;

/** Draws sleeve, thimble and vernier as they stand. */
export function drawMicrometer(svg, scale, { sleeve, thimble, vernier }) {
    const laidBare = Math.min(sleeve, scale.sleeveLines);
    const edge = LEFT + laidBare * LINE_APART + 8;
    const pen = createPen(svg);
    pen('rect', { x: 4, y: DATUM - 74, width: edge, height: 148, class: 'metal' });
    pen('line', { x1: 8, x2: edge, y1: DATUM, y2: DATUM, class: 'ink' });
    drawSleeve(pen, scale, laidBare);
    drawVernier(pen, edge, vernier);
    pen('rect', { x: edge, y: DATUM - 84, width: 96, height: 168, class: 'metal thimble' });
    drawThimble(pen, scale, edge, thimble, vernier);
}

function createPen(svg) {
    svg.replaceChildren();

    return (name, attributes, text = '') => {
        const element = document.createElementNS(NAMESPACE, name);
        Object.entries(attributes).forEach(([key, value]) => element.setAttribute(key, value));
        element.textContent = text;
        svg.append(element);
    };
}

function drawSleeve(pen, scale, laidBare) {
    for (let line = 0; line <= laidBare; line++) {
        const isNumbered = line % scale.numbered === 0;
        const x = LEFT + line * LINE_APART;
        pen('line', { x1: x, x2: x, y1: DATUM, y2: DATUM + (isNumbered ? 20 : 11), class: 'ink' });
        if (isNumbered) {
            pen('text', { x, y: DATUM + 36 }, String(line / scale.numbered));
        }
    }
}

function drawVernier(pen, edge, vernier) {
    for (let line = 0; line < VERNIER_LINES; line++) {
        const y = DATUM - 6 - line * VERNIER_APART;
        const meets = line === vernier;
        pen('line', { x1: edge - 16, x2: edge, y1: y, y2: y, class: meets ? 'meets' : 'ink' });
        if (meets || (line % 5 === 0 && Math.abs(line - vernier) > 1)) {
            pen('text', { x: edge - 24, y: y + 4, class: meets ? 'meets' : '' }, String(line));
        }
    }
}

function drawThimble(pen, scale, edge, thimble, vernier) {
    for (let off = -THIMBLE_LINES_SEEN; off <= THIMBLE_LINES_SEEN; off++) {
        const line = (thimble + off + scale.thimbleLines) % scale.thimbleLines;
        const y = DATUM - (off - vernier / VERNIER_LINES) * THIMBLE_APART;
        if (Math.abs(y - DATUM) < HALF_SEEN) {
            drawThimbleLine(pen, edge, y, line, off === 0);
        }
    }
}

function drawThimbleLine(pen, edge, y, line, isRead) {
    const isNumbered = line % 5 === 0;
    pen('line', { x1: edge, x2: edge + (isNumbered ? 30 : 18), y1: y, y2: y, class: isRead ? 'meets' : 'ink' });
    if (isNumbered || isRead) {
        pen('text', { x: edge + 48, y: y + 4, class: isRead ? 'meets' : '' }, String(line));
    }
}
