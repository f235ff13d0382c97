import assert from 'node:assert/strict';
import { test } from 'node:test';
import { strengthWords } from '../../resources/js/strength.js';

test('says what is still missing while a password is typed', () => {
    assert.match(strengthWords('', 12), /At least 12/);
    assert.equal(strengthWords('short', 12), '7 more characters.');
    assert.equal(strengthWords('elevenchars', 12), 'One more character.');
    assert.match(strengthWords('abababababab', 12), /pattern/);
    assert.match(strengthWords('cold-anvil-7', 12), /Long enough/);
    assert.equal(strengthWords('cold anvil by the river', 12), 'Long: good.');
});
