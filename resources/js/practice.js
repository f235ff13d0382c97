import { SCALES } from './sheet/micrometer.js';
import { drawMicrometer } from './sheet/micrometer-drawing.js';

/** Reading an instrument: what a step looks at lights up in the drawing, and the time until the answer is taken along. */
export function startPractice(root, now = () => performance.now()) {
    const began = now();
    const time = root.querySelector('[data-milliseconds]');
    time?.form.addEventListener('submit', () => {
        time.value = String(Math.round(now() - began));
    });
    for (const name of ['mouseover', 'focusin', 'click']) {
        root.querySelector('[data-steps]')?.addEventListener(name, (event) => {
            const step = event.target.closest('[data-lights]');
            if (step) {
                light(root, step.dataset.lights);
            }
        });
    }
    root.querySelector('[data-next]')?.focus();
    startRocking(root);
    startMicrometer(root);
}

/** The hand follows the tilt of the gauge. */
function startRocking(root) {
    const tilt = root.querySelector('[data-angles]');
    const hand = root.querySelector('[data-hand]');
    if (!tilt || !hand) {
        return;
    }
    const angles = JSON.parse(tilt.dataset.angles);
    const turn = () => hand.setAttribute('transform', `rotate(${angles[tilt.value]})`);
    tilt.addEventListener('input', turn);
    turn();
}

/** The micrometer is drawn as its lines are keyed. */
function startMicrometer(root) {
    const drawing = root.querySelector('[data-set-micrometer]');
    if (!drawing) {
        return;
    }
    const form = drawing.closest('form');
    const line = (name) => Math.max(0, Math.trunc(Number(form.elements.namedItem(name).value)) || 0);
    const draw = () =>
        drawMicrometer(drawing, SCALES[drawing.dataset.setMicrometer], {
            sleeve: line('sleeve'),
            thimble: line('thimble'),
            vernier: line('vernier'),
        });
    form.addEventListener('input', draw);
    draw();
}

function light(root, step) {
    for (const mark of root.querySelectorAll('[data-step]')) {
        mark.classList.toggle('lit', mark.dataset.step === step);
    }
}

const STEPS = { ArrowLeft: [0, -1], ArrowRight: [0, 1], ArrowUp: [-1, 0], ArrowDown: [1, 0] };

/** A simulated block: arrows, while nothing is typed, and touches go to another place of its sheet. */
export function startPracticeGrid(root, go = (address) => location.assign(address)) {
    const rows = [...root.querySelectorAll('tr')]
        .map((row) => [...row.querySelectorAll('[data-place]')])
        .filter((cells) => cells.some((cell) => !cell.dataset.place.startsWith('piston.')));
    const cells = rows.flat();
    const here = cells.find((cell) => cell.dataset.place === root.dataset.at);
    here?.classList.add('here');
    const to = (cell) => cell && go(`?at=${encodeURIComponent(cell.dataset.place)}`);
    root.addEventListener('click', (event) => to(cells.find((cell) => cell === event.target.closest('[data-place]'))));
    root.addEventListener('keydown', (event) => {
        const step = STEPS[event.key];
        if (step && here && event.target.matches('[name=text]') && event.target.value === '') {
            event.preventDefault();
            const row = rows.findIndex((one) => one.includes(here));
            to(rows[row + step[0]]?.[rows[row].indexOf(here) + step[1]]);
        }
    });
}
