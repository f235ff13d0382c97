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

function light(root, step) {
    for (const mark of root.querySelectorAll('[data-step]')) {
        mark.classList.toggle('lit', mark.dataset.step === step);
    }
}
