const SET_WITH = 'with ';

/**
 * The dialog in which gauge, zero and conditions are stated. It begins with what is in force.
 *
 * @param here  () => the place of the sheet that is current, { key, words }
 */
export function createSetupDialog(dialog, here, state) {
    const form = dialog.querySelector('[data-setup-form]');
    const error = dialog.querySelector('[data-setup-error]');
    const field = (name) => form.elements.namedItem(name);
    const instrument = field('instrument');
    const isOnThePart = () => field('zero_on').value === 'part';
    const readsSizes = () => field('feature').selectedOptions[0].dataset.zero !== '';

    const optionsFor = (feature) => [...instrument.options].filter((option) => option.dataset.for === feature);

    /** A caliper stands in both lists, so options are chosen by themselves and not by their value. */
    function choose(option) {
        if (option) {
            option.selected = true;
        }
    }

    function showGauges() {
        const feature = field('feature').value;
        for (const option of instrument.options) {
            option.hidden = option.disabled = option.dataset.for !== feature;
        }
        if (instrument.selectedOptions[0]?.dataset.for !== feature) {
            choose(optionsFor(feature)[0]);
        }
    }

    function showFields() {
        showGauges();
        const showsSizes = instrument.selectedOptions[0].dataset.sizes === 'yes';
        form.querySelectorAll('[data-only-deviations]').forEach((one) => (one.hidden = showsSizes));
        form.querySelector('[data-only-sized]').hidden = showsSizes || !readsSizes();
        form.querySelector('[data-only-known]').hidden = showsSizes || isOnThePart() || !readsSizes();
        const weighs = field('feature').selectedOptions[0].dataset.reads !== '';
        form.querySelectorAll('[data-only-lengths]').forEach((one) => (one.hidden = weighs));
        const place = form.querySelector('[data-zero-place]');
        place.hidden = !isOnThePart();
        place.textContent = here().words;
        const size = field('zero_on').selectedOptions[0].dataset.size;
        if (size) {
            field('zero').value = size;
        }
    }

    function begin(stated) {
        for (const [name, value] of Object.entries(stated)) {
            const one = name === 'instrument' ? null : field(name);
            if (one?.type === 'checkbox') {
                one.checked = value;
            } else if (one && value !== null) {
                one.value = value;
            }
        }
    }

    instrument.addEventListener('change', showFields);
    field('feature').addEventListener('change', () => {
        field('zero').value = field('feature').selectedOptions[0].dataset.zero;
        showFields();
    });
    field('zero_on').addEventListener('change', showFields);
    showFields();
    dialog.querySelector('[data-close]').addEventListener('click', () => dialog.close());
    form.addEventListener('submit', (event) => {
        event.preventDefault();
        const { zero_on: zeroOn, ...body } = Object.fromEntries(new FormData(form));
        for (const box of form.querySelectorAll('[type=checkbox]')) {
            body[box.name] = box.checked;
        }
        const sizes = instrument.selectedOptions[0].dataset.sizes === 'yes';
        dialog.close();
        state({
            ...body,
            zero_place: !sizes && isOnThePart() ? here().key : null,
            zero_with: zeroOn.startsWith(SET_WITH) ? zeroOn.slice(SET_WITH.length) : null,
            master: isOnThePart() || zeroOn.startsWith(SET_WITH) ? null : zeroOn,
        });
    });

    return {
        /** @param stated  what is in force; null where what was typed stays, to be put right */
        open(complaint, stated, feature) {
            const isOther = field('feature').value !== feature;
            field('feature').value = feature;
            if (field('feature').selectedIndex < 0) {
                field('feature').selectedIndex = 0;
            }
            if (isOther && complaint === '') {
                field('zero').value = field('feature').selectedOptions[0].dataset.zero;
            }
            if (stated) {
                begin(stated);
                choose(optionsFor(feature).find((option) => option.value === stated.instrument));
            }
            showFields();
            error.textContent = complaint;
            error.hidden = complaint === '';
            if (!dialog.open) {
                dialog.showModal();
            }
            (field('zero').closest('[hidden]') ? instrument : field('zero')).focus();
        },
    };
}
