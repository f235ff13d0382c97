/** Draws the QR code of each label as one SVG path; error correction M survives a thumb of grease. */
export async function startTags(page) {
    const places = [...page.querySelectorAll('[data-qr]')];
    if (places.length === 0) {
        return;
    }
    const { default: qrcode } = await import('qrcode-generator');
    for (const place of places) {
        const code = qrcode(0, 'M');
        code.addData(place.dataset.qr);
        code.make();
        const size = code.getModuleCount();
        const squares = [];
        for (let row = 0; row < size; row++) {
            for (let column = 0; column < size; column++) {
                if (code.isDark(row, column)) {
                    squares.push(`M${column} ${row}h1v1h-1z`);
                }
            }
        }
        place.querySelector('path').setAttribute('d', squares.join(''));
        place.setAttribute('viewBox', `-2 -2 ${size + 4} ${size + 4}`);
        place.dataset.drawn = 'yes';
    }
}
