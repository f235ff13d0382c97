import { micrometerReading, SCALES } from './micrometer.js';
import { drawMicrometer } from './micrometer-drawing.js';

const FIELDS = ['frame', 'sleeve', 'thimble', 'vernier'];

/** The dialog for those who read a micrometer line by line: the instrument is drawn as it is said to stand. */
export function createMicrometerDialog(dialog, use) {
    const form = dialog.querySelector('[data-micrometer-form]');
    const unit = form.dataset.unit;
    const drawing = dialog.querySelector('[data-micrometer-drawing]');
    const shown = dialog.querySelector('[data-micrometer-reading]');
    const field = (name) => form.elements.namedItem(name);

    const lines = () => Object.fromEntries(FIELDS.map((name) => [name, field(name).value === '' ? 0 : Number(field(name).value)]));
    const reading = () => micrometerReading(unit, lines());

    function render() {
        shown.textContent = reading() === null ? 'no such line' : `${reading()} ${unit}`;
        drawMicrometer(drawing, SCALES[unit], lines());
    }

    form.addEventListener('input', render);
    form.addEventListener('keydown', (event) => {
        if (event.key === 'Enter' && event.target.matches('input')) {
            const next = FIELDS[FIELDS.indexOf(event.target.name) + 1];
            if (next) {
                event.preventDefault();
                field(next).focus();
                field(next).select();
            }
        }
    });
    form.addEventListener('submit', (event) => {
        event.preventDefault();
        if (reading() !== null) {
            dialog.close();
            use(reading());
        }
    });
    dialog.querySelector('[data-close]').addEventListener('click', () => dialog.close());

    return {
        open() {
            render();
            dialog.showModal();
            field('sleeve').focus();
            field('sleeve').select();
        },
    };
}
