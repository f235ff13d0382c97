const STEPS = { ArrowLeft: [-10, 0], ArrowRight: [10, 0], ArrowUp: [0, -10], ArrowDown: [0, 10] };
const SIDE = 1000;
const FULL_TURN = 360;

const inside = (value) => Math.round(Math.min(SIDE, Math.max(0, value)));
const turned = (degrees) => ((Math.round(degrees) % FULL_TURN) + FULL_TURN) % FULL_TURN;

/** Places on drawn faces, and angles on a drawn ring, are set by a click or by arrow keys and stand in the fields of their rows. */
export function startPins(form) {
    const field = (list, row, name) => form.elements[`value[${list}/${row}/${name}]`];

    function put(input, value) {
        input.value = value;
        input.dispatchEvent(new Event('input', { bubbles: true }));
        input.dispatchEvent(new Event('change', { bubbles: true }));
    }

    function chosen(drawing) {
        return drawing.querySelector('.pin.chosen');
    }

    function choose(pin) {
        form.querySelectorAll('.pin.chosen').forEach((one) => one.classList.remove('chosen'));
        pin.classList.add('chosen');
    }

    function pointIn(drawing, event) {
        return new DOMPoint(event.clientX, event.clientY).matrixTransform(drawing.getScreenCTM().inverse());
    }

    /** @param at  Thousandths along and across the face */
    function place(drawing, pin, [x, y]) {
        const { list } = drawing.dataset;
        const height = drawing.viewBox.baseVal.height;
        put(field(list, pin.dataset.pin, 'face'), drawing.dataset.pinned);
        put(field(list, pin.dataset.pin, 'x'), inside(x));
        put(field(list, pin.dataset.pin, 'y'), inside(y));
        pin.setAttribute('transform', `translate(${inside(x)},${(inside(y) * height) / SIDE})`);
    }

    function turn(drawing, pin, degrees) {
        put(field(drawing.dataset.ring, pin.dataset.pin, 'degrees'), turned(degrees));
        const radius = /translate\(0,(-?\d+)\)/.exec(pin.getAttribute('transform'))[1];
        pin.setAttribute('transform', `rotate(${turned(degrees)}) translate(0,${radius})`);
        pin.querySelector('text').setAttribute('transform', `rotate(${-turned(degrees)})`);
    }

    function moveTo(drawing, pin, { x, y }) {
        if (drawing.dataset.ring) {
            turn(drawing, pin, (Math.atan2(x, -y) * FULL_TURN) / (2 * Math.PI));
        } else {
            place(drawing, pin, [x, (y * SIDE) / drawing.viewBox.baseVal.height]);
        }
    }

    function moveBy(drawing, pin, [along, across]) {
        const value = (list, name) => Number(field(list, pin.dataset.pin, name).value) || 0;
        if (drawing.dataset.ring) {
            turn(drawing, pin, value(drawing.dataset.ring, 'degrees') + (along - across) / 2);
        } else {
            place(drawing, pin, [value(drawing.dataset.list, 'x') + along, value(drawing.dataset.list, 'y') + across]);
        }
    }

    form.addEventListener('click', (event) => {
        const drawing = event.target.closest('.pinned');
        const pin = event.target.closest('.pin');
        if (pin) {
            choose(pin);
        } else if (drawing && chosen(drawing)) {
            moveTo(drawing, chosen(drawing), pointIn(drawing, event));
        }
    });
    form.addEventListener('focusin', ({ target }) => target.closest('.pinned .pin') && choose(target.closest('.pin')));
    form.addEventListener('keydown', (event) => {
        const pin = event.target.closest('.pinned .pin');
        if (pin && STEPS[event.key]) {
            event.preventDefault();
            moveBy(pin.closest('.pinned'), pin, STEPS[event.key]);
        }
    });
}
