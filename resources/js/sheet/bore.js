/** One bore's drawings: digits go to another cylinder, and the size under the pointer lies at its best centre. */
export function startBore(root) {
    const drawing = () => root.querySelector('[data-bore-drawing]');
    const tabs = () => [...root.querySelectorAll('[data-cylinder]')];

    function show(choice) {
        for (const one of drawing().querySelectorAll('[data-size]')) {
            one.setAttribute('aria-pressed', one === choice);
        }
        for (const [name, radius] of [
            ['[data-size-circle]', choice.dataset.radius],
            ['[data-size-centre]', 3],
        ]) {
            const circle = drawing().querySelector(name);
            circle.setAttribute('cx', choice.dataset.x);
            circle.setAttribute('cy', choice.dataset.y);
            circle.setAttribute('r', radius);
        }
    }

    root.addEventListener('click', (event) => {
        const choice = event.target.closest('[data-size]');
        if (choice) {
            show(choice);
        }
    });
    root.addEventListener('pointermove', (event) => {
        const svg = event.target.closest('[data-centre] svg');
        const choices = [...(svg?.parentElement.querySelectorAll('[data-size]') ?? [])];
        if (choices.length === 0) {
            return;
        }
        const point = svg.createSVGPoint();
        [point.x, point.y] = [event.clientX, event.clientY];
        const at = point.matrixTransform(svg.getScreenCTM().inverse());
        const distance = Math.hypot(at.x, at.y);
        const off = (choice) => Math.abs(Number(choice.dataset.radius) - distance);
        choices.sort((a, b) => off(a) - off(b));
        show(choices[0]);
    });
    root.addEventListener('keydown', (event) => {
        if (event.target === drawing() && /^[1-9]$/.test(event.key)) {
            goTo(tabs().find((tab) => tab.dataset.cylinder === event.key));
        }
    });

    return {
        next: (step) => {
            const all = tabs();
            const here = all.findIndex((tab) => tab.hasAttribute('aria-current'));
            goTo(all[(here + step + all.length) % all.length]);
        },
        toSheet: () => goTo(root.querySelector('[data-to-sheet]')),
    };
}

function goTo(link) {
    if (link) {
        location.assign(link.href);
    }
}
