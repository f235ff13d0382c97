import { createCheckDialog } from './check-dialog.js';
import { createMicrometerDialog } from './micrometer-dialog.js';
import { createSetupDialog } from './setup-dialog.js';
import { createSizeDialog } from './size-dialog.js';

const NAMES = ['keys', 'setup', 'check', 'size', 'pair', 'micrometer'];

/**
 * Every dialog of a sheet.
 *
 * @param desk  { root, entry, here(), keep(path, body), useText(text), command(key), pair }
 */
export function createDialogs({ root, entry, here, keep, useText, command, pair }) {
    const [keys, setup, check, size, pairing, micrometer] = NAMES.map((name) => document.querySelector(`[data-${name}-dialog]`));
    // A sheet of the scale or the burette states no gauge.
    const setupDialog = setup && createSetupDialog(setup, here, (body) => keep('setups', body));
    const sizeDialog = size && createSizeDialog(size, (body) => keep('zeros', body));
    const checkDialog =
        check &&
        createCheckDialog(
            check,
            (feature) => statedFor(feature)?.dataset.sizes !== 'no',
            (body) => keep('checks', body),
        );
    const micrometerDialog = createMicrometerDialog(micrometer, useText);
    const statedFor = (feature) => root.querySelector(`[data-setup-of="${feature}"]`);
    /** What the gauge in the hand reads now: the feature of the current place, where a gauge can be stated for it. */
    const featureHere = () => {
        const offered = [...(setup?.querySelectorAll('[name=feature] option') ?? [])];
        const feature = here().key?.split('.')[0];
        const reads = (option) => option.value === feature || option.dataset.reads.split(' ').includes(feature);

        return (offered.find(reads) ?? offered[0])?.value;
    };
    const isOffered = (name) => root.querySelector(`[data-open-${name}]`) !== null;

    pairing.addEventListener('click', (event) => {
        const choice = event.target.closest('[data-join]')?.dataset.join;
        if (choice === 'leave') {
            pair.leave();
        } else if (choice) {
            pair.useVoice(pairing.querySelector('[data-voice]').checked);
            pair.join(choice);
        }
        if (choice || event.target.closest('[data-close]')) {
            pairing.close();
        }
    });
    // The list of keys is the menu of those who have none.
    keys.addEventListener('click', (event) => {
        const chosen = event.target.closest('[data-command]')?.dataset.command;
        if (chosen || event.target.closest('[data-close]')) {
            keys.close();
        }
        if (chosen) {
            command(chosen);
        }
    });
    for (const dialog of [keys, setup, check, size, pairing, micrometer].filter(Boolean)) {
        dialog.addEventListener('close', () => takePen(entry));
    }

    const dialogs = {
        /** What the gauge in force was stated to be; null where none is. */
        stated: (feature = featureHere()) => JSON.parse(statedFor(feature)?.dataset.stated ?? 'null'),
        setup: (complaint = '', feature = featureHere()) =>
            setupDialog?.open(complaint, complaint === '' ? dialogs.stated(feature) : null, feature),
        size: (...typed) => isOffered('size') && sizeDialog.open(...typed),
        check: (typed = { feature: featureHere() }, complaint = '') => isOffered('check') && checkDialog.open(typed, complaint),
        keys: () => keys.showModal(),
        pair: () => pairing.showModal(),
        micrometer: () => micrometerDialog.open(),
        /** Opens the dialog again that an entry came from and was asked back; false where it came from none. */
        askBack({ url, body, question }) {
            const again = {
                setups: () => dialogs.setup(question.text, body.feature),
                zeros: () => dialogs.size(body, question),
                checks: () => dialogs.check(body, question.text),
            }[url.split('/').pop()];
            again?.();

            return again !== undefined;
        },
    };

    return dialogs;
}

/**
 * Puts the caret into the entry line. A dialog that was closed by the mouse leaves the focus there and the selection
 * behind in itself, and then the browser inserts nothing: so the focus is taken anew.
 */
function takePen(entry) {
    entry.blur();
    entry.focus({ preventScroll: true });
    entry.setSelectionRange(entry.value.length, entry.value.length);
}
