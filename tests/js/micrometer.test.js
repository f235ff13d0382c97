import assert from 'node:assert/strict';
import { test } from 'node:test';
import { micrometerReading, SCALES } from '../../resources/js/sheet/micrometer.js';

test('sleeve, thimble and vernier add up', () => {
    assert.equal(micrometerReading('in', { frame: 3, sleeve: 32, thimble: 13, vernier: 4 }), '3.8134');
    assert.equal(micrometerReading('in', { frame: 0, sleeve: 0, thimble: 0, vernier: 7 }), '0.0007');
    assert.equal(micrometerReading('mm', { frame: 75, sleeve: 21, thimble: 49, vernier: 9 }), '85.999');
    assert.equal(micrometerReading('mm', { frame: 100, sleeve: 6, thimble: 0, vernier: 0 }), '103.000');
});

test('every line is one step of the scale before it, without gaps or steps twice', () => {
    for (const unit of ['in', 'mm']) {
        const scale = SCALES[unit];
        let before = -1;
        for (let sleeve = 0; sleeve < 3; sleeve++) {
            for (let thimble = 0; thimble < scale.thimbleLines; thimble++) {
                for (let vernier = 0; vernier < 10; vernier++) {
                    const grains = Math.round(Number(micrometerReading(unit, { frame: 0, sleeve, thimble, vernier })) * scale.whole);
                    assert.equal(grains, before + 1);
                    before = grains;
                }
            }
        }
    }
});

test('a line that the scale does not have makes no reading', () => {
    for (const wrong of [{ sleeve: 41 }, { sleeve: -1 }, { thimble: 25 }, { vernier: 10 }, { vernier: 1.5 }, { frame: NaN }]) {
        assert.equal(micrometerReading('in', { frame: 3, sleeve: 1, thimble: 1, vernier: 1, ...wrong }), null);
    }
});
