import assert from 'node:assert/strict';
import { test } from 'node:test';
import { takesNoWords } from '../../resources/js/hotkeys.js';

const field = (tagName, { type = 'text', value = '', isNumber = false } = {}) => ({
    tagName,
    type,
    value,
    classList: { contains: (name) => name === 'num' && isNumber },
});

test('a letter is a key where it cannot be a word', () => {
    assert.equal(takesNoWords(field('BODY')), true);
    assert.equal(takesNoWords(field('INPUT', { isNumber: true })), true);
    assert.equal(takesNoWords(field('INPUT', { isNumber: true, value: '3.81 i' })), false, 'the unit is being typed');
    assert.equal(takesNoWords(field('INPUT', { type: 'checkbox' })), true);
    assert.equal(takesNoWords(field('INPUT')), false);
    assert.equal(takesNoWords(field('TEXTAREA')), false);
    assert.equal(takesNoWords(field('SELECT')), false, 'a letter chooses in a list');
});
