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
}

function light(root, step) {
    for (const mark of root.querySelectorAll('[data-step]')) {
        mark.classList.toggle('lit', mark.dataset.step === step);
    }
}
