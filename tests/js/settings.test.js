import assert from 'node:assert/strict';
import { afterEach, beforeEach, test } from 'node:test';
import { startSettingSearch } from '../../resources/js/settings.js';

let settings;
let groups;
let count;
let typed;

/** A rule of the page as far as the search is concerned. */
const setting = (words) => ({ dataset: { setting: words }, hidden: false });

beforeEach(() => {
    settings = [setting('Hone stock BORE-12 left by the bar'), setting('Hone stock, least BORE-12'), setting('Temperatures GAUGE-4')];
    groups = [
        { hidden: false, querySelectorAll: () => settings.slice(0, 2) },
        { hidden: false, querySelectorAll: () => settings.slice(2) },
    ];
    count = { textContent: '' };
    globalThis.document = {
        querySelectorAll: (css) => (css === '.setting-group' ? groups : settings),
        querySelector: () => count,
    };
    let listener;
    const field = { value: '', addEventListener: (_, heard) => (listener = heard) };
    startSettingSearch(field);
    typed = (text) => {
        field.value = text;
        listener();
    };
});

afterEach(() => delete globalThis.document);

const shown = () => settings.map((one) => !one.hidden);

test('every word has to stand there, in any case and order', () => {
    typed('stock HONE');
    assert.deepEqual(shown(), [true, true, false]);
    assert.equal(count.textContent, '2 rules');
    typed('hone least');
    assert.deepEqual(shown(), [false, true, false]);
    assert.equal(count.textContent, '1 rule');
});

test('a rule is found by its number', () => {
    typed('gauge-4');
    assert.deepEqual(shown(), [false, false, true]);
});

test('a group without anything to show is put away, and comes back', () => {
    typed('temper');
    assert.deepEqual(
        groups.map((one) => one.hidden),
        [true, false],
    );
    typed('');
    assert.deepEqual(
        groups.map((one) => one.hidden),
        [false, false],
    );
    assert.deepEqual(shown(), [true, true, true]);
    assert.equal(count.textContent, '');
});

test('nothing found is said', () => {
    typed('moon');
    assert.deepEqual(shown(), [false, false, false]);
    assert.equal(count.textContent, '0 rules');
});
