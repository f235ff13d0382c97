import assert from 'node:assert/strict';
import test from 'node:test';
import { ago } from '../../resources/js/keeper/ago.js';

test('how long ago, as people say it', () => {
    for (const [milliseconds, words] of [
        [0, 'a moment ago'],
        [59_999, 'a moment ago'],
        [60_000, '1 minute ago'],
        [3_599_999, '59 minutes ago'],
        [3_600_000, '1 hour ago'],
        [7_200_001, '2 hours ago'],
    ]) {
        assert.equal(ago(milliseconds), words);
    }
});
