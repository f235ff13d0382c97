/**
 * How a micrometer is divided. Grains are what the last scale shows, so that whole numbers are added and nothing is rounded:
 * ten-thousandths of an inch, or thousandths of a millimetre.
 */
export const SCALES = {
    in: { whole: 10_000, sleeve: 250, sleeveLines: 40, numbered: 4, thimble: 10, thimbleLines: 25, decimals: 4 },
    mm: { whole: 1_000, sleeve: 500, sleeveLines: 50, numbered: 10, thimble: 10, thimbleLines: 50, decimals: 3 },
};

/**
 * The reading that sleeve, thimble and vernier make together, as it is written: “3.8134”. Null where a scale has no such line.
 *
 * @param frame    what the frame begins at, in whole inches or millimetres
 * @param sleeve   lines of the sleeve that the thimble has laid bare
 * @param thimble  the thimble's line at, or just below, the line of the sleeve
 * @param vernier  the line of the vernier that meets one of the thimble
 */
export function micrometerReading(unit, { frame, sleeve, thimble, vernier }) {
    const scale = SCALES[unit];
    const isLine = (value, lines) => Number.isInteger(value) && value >= 0 && value < lines;
    if (!isLine(frame, 1000) || !isLine(sleeve, scale.sleeveLines + 1) || !isLine(thimble, scale.thimbleLines) || !isLine(vernier, 10)) {
        return null;
    }
    const grains = frame * scale.whole + sleeve * scale.sleeve + thimble * scale.thimble + vernier;
    const digits = String(grains).padStart(scale.decimals + 1, '0');

    return `${digits.slice(0, -scale.decimals)}.${digits.slice(-scale.decimals)}`;
}
