import assert from 'node:assert/strict';
import { test } from 'node:test';
import { startDimensions } from '../../resources/js/dimensions.js';

globalThis.CSS ??= { escape: (text) => text };

function formWith(path) {
    const classes = new Set(['unknown']);
    const line = {
        classList: {
            add: (name) => classes.add(name),
            remove: (name) => classes.delete(name),
            toggle: (name, on) => (on ? classes.add(name) : classes.delete(name)),
        },
        dataset: { dim: path },
        text: { textContent: '?' },
        querySelector: () => line.text,
        closest: () => line,
    };
    const field = { name: `value[${path}]`, value: '', focused: false, focus: () => (field.focused = true) };
    const heard = {};
    const form = {
        elements: { [field.name]: field },
        addEventListener: (name, listen) => (heard[name] = listen),
        querySelector: (css) => (css.includes(path) ? line : null),
    };
    startDimensions(form);
    return { heard, field, line, classes };
}

test('a value stands beside its line as it is typed', () => {
    const { heard, field, line, classes } = formWith('/bore/nominal');
    field.value = '3.8125';
    heard.input({ target: field });
    assert.equal(line.text.textContent, '3.8125');
    assert.equal(classes.has('unknown'), false);
    field.value = '';
    heard.input({ target: field });
    assert.equal(line.text.textContent, '?');
    assert.equal(classes.has('unknown'), true);
});

test('the line of the field under the hand stands out, and a line leads to its field', () => {
    const { heard, field, line, classes } = formWith('/bore/nominal');
    heard.focusin({ target: field });
    assert.equal(classes.has('now'), true);
    heard.focusout({ target: field });
    assert.equal(classes.has('now'), false);
    heard.click({ target: line });
    assert.equal(field.focused, true);
});

test('what is no value of the sheet is left alone', () => {
    const { heard } = formWith('/bore/nominal');
    for (const target of [{ name: 'reason', value: 'x' }, { name: 'value[/no/such]', value: 'x' }, { value: 'x' }]) {
        heard.input({ target });
        heard.focusin({ target });
    }
});
