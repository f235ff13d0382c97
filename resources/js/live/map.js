import { createMapCursor } from './map-cursor.js';

const MOVES = { ArrowUp: [0, -1], ArrowDown: [0, 1], ArrowLeft: [-1, 0], ArrowRight: [1, 0] };
const ZOOMS = [1, 2, 4];
const NEAR = 60;

/**
 * The crack map: a crosshair moved by arrows or by a touch, points put down by Enter, and a look that finishes the
 * indication. What zone a point lies in, the drawing knows.
 */
export function startMap(root) {
    const dialog = document.querySelector('[data-indication-dialog]');
    const form = dialog?.querySelector('form');
    let zoom = 0;
    let map = root.querySelector('[data-map]');
    const height = Number(map.dataset.height);
    const cursor = createMapCursor(height);
    const field = (name) => form.elements.namedItem(name);
    const svg = () => map.querySelector('svg');
    const drawn = ([x, y]) => [x, (y * height) / 1000];

    function render() {
        map = root.querySelector('[data-map]');
        const [x, y] = drawn(cursor.at);
        svg().querySelector('[data-crosshair]').setAttribute('transform', `translate(${x},${y})`);
        svg()
            .querySelector('[data-draft]')
            .setAttribute('points', cursor.points.map((point) => drawn(point).join(',')).join(' '));
        const width = 1000 / ZOOMS[zoom];
        const high = height / ZOOMS[zoom];
        const left = Math.min(1000 - width, Math.max(0, x - width / 2));
        const top = Math.min(height - high, Math.max(0, y - high / 2));
        svg().setAttribute('viewBox', zoom === 0 ? `0 0 1000 ${height}` : `${left} ${top} ${width} ${high}`);
        const said = root.querySelector('[data-map-said]');
        const zone = zoneAt(cursor.at);
        const words = [zone?.words ?? 'off the part', zone?.cylinder ? `cylinder ${zone.cylinder}` : ''].filter(Boolean).join(', ');
        said.textContent = cursor.points.length > 1 ? `${words} · a line of ${cursor.points.length} points` : words;
    }

    /** The topmost zone under a point of the face. */
    function zoneAt(point) {
        const spot = svg().createSVGPoint();
        [spot.x, spot.y] = drawn(point);
        const screen = spot.matrixTransform(svg().getScreenCTM());
        const found = document.elementsFromPoint(screen.x, screen.y).find((element) => element.dataset?.zone && svg().contains(element));

        return found ? { zone: found.dataset.zone, words: found.dataset.words, cylinder: found.dataset.cylinder ?? '' } : null;
    }

    function pointUnder(event) {
        const spot = svg().createSVGPoint();
        [spot.x, spot.y] = [event.clientX, event.clientY];
        const inside = spot.matrixTransform(svg().getScreenCTM().inverse());

        return [inside.x, (inside.y * 1000) / height];
    }

    function finish(look) {
        if (!form) {
            return;
        }
        const zone = zoneAt(cursor.line[0]);
        field('points').value = cursor.line.map((point) => point.join(',')).join(' ');
        field('look').value = look;
        if (zone) {
            field('zone').value = zone.zone;
            field('cylinder').value = zone.cylinder;
        }
        dialog.showModal();
        field('length').focus();
    }

    function nearestPin() {
        const [x, y] = drawn(cursor.at);
        const pins = [...svg().querySelectorAll('[data-pin]')].map((pin) => ({
            pin,
            distance: Math.hypot(pin.dataset.x - x, pin.dataset.y - y),
        }));
        pins.sort((a, b) => a.distance - b.distance);

        return pins[0]?.distance < NEAR ? pins[0].pin.dataset.pin : null;
    }

    function nextPin() {
        const pins = [...svg().querySelectorAll('[data-pin]')];
        const here = nearestPin();
        const next = pins[(pins.findIndex((pin) => pin.dataset.pin === here) + 1) % pins.length];
        if (next) {
            cursor.goTo(Number(next.dataset.x), (Number(next.dataset.y) * 1000) / height);
        }
    }

    const tick = (pin) => root.querySelector(`[data-place-button="${pin}"]`)?.click();
    const commands = {
        Enter: () => cursor.put(),
        Escape: () => cursor.clear(),
        n: nextPin,
        l: () => tick(nearestPin()),
        '+': () => (zoom = Math.min(ZOOMS.length - 1, zoom + 1)),
        '-': () => (zoom = Math.max(0, zoom - 1)),
        ']': () => root.querySelector('[data-next-face]')?.click(),
        '[': () => root.querySelector('[data-previous-face]')?.click(),
        '?': () => document.querySelector('[data-keys-dialog]')?.showModal(),
    };

    root.addEventListener('keydown', (event) => {
        if (!event.target.closest('[data-map]') || event.ctrlKey || event.metaKey || event.altKey) {
            return;
        }
        const move = MOVES[event.key];
        const look = /^[1-9]$/.test(event.key) ? root.querySelector(`[data-look-key="${event.key}"]`)?.dataset.look : null;
        if (move) {
            cursor.move(...move, event.shiftKey);
        } else if (look) {
            finish(look);
        } else if (commands[event.key]) {
            commands[event.key]();
        } else {
            return;
        }
        event.preventDefault();
        render();
    });
    root.addEventListener('click', (event) => {
        const pin = event.target.closest('[data-pin]');
        const look = event.target.closest('[data-look-key]');
        const zoomed = event.target.closest('[data-zoom]');
        if (pin) {
            tick(pin.dataset.pin);
        } else if (look) {
            finish(look.dataset.look);
        } else if (zoomed) {
            commands[zoomed.dataset.zoom]();
            render();
        } else if (event.target.closest('[data-clear-draft]')) {
            cursor.clear();
            render();
        } else if (event.target.closest('[data-map] svg')) {
            cursor.goTo(...pointUnder(event));
            cursor.put();
            map.focus({ preventScroll: true });
            render();
        }
    });
    root.addEventListener('shown', render);
    root.addEventListener('kept', (event) => {
        if (event.detail.form === form?.id) {
            dialog.close();
            cursor.clear();
            render();
            map.focus({ preventScroll: true });
        }
    });
    document.querySelector('[data-open-keys]')?.addEventListener('click', () => document.querySelector('[data-keys-dialog]').showModal());
    for (const one of document.querySelectorAll('dialog')) {
        one.querySelector('[data-close]')?.addEventListener('click', () => one.close());
    }
    render();
    map.focus({ preventScroll: true });
}
