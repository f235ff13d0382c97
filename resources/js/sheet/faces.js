/**
 * The slider under a face: how many light cuts are taken off. The places a cut touches and what stands after it are the
 * server's; here they are only shown. The slider keeps its place when the drawing is rendered anew.
 */
export function startFaces(page) {
    const depths = new Map();
    const faces = () => [...page.querySelectorAll('[data-face]')];

    function show(face, index) {
        const slider = face.querySelector('[data-face-slider]');
        if (!slider) {
            return;
        }
        const count = Math.min(Number(depths.get(index) ?? 0), Number(slider.max));
        slider.value = count;
        face.querySelector('[data-face-said]').textContent = JSON.parse(slider.dataset.passes)[count];
        for (const point of face.querySelectorAll('[data-pass]')) {
            point.classList.toggle('touched', Number(point.dataset.pass) <= count);
        }
    }

    page.addEventListener('input', (event) => {
        const slider = event.target.closest?.('[data-face-slider]');
        if (slider) {
            const index = faces().indexOf(slider.closest('[data-face]'));
            depths.set(index, Number(slider.value));
            show(faces()[index], index);
        }
    });
    const drawing = page.querySelector('[data-fragment=drawing]');
    if (drawing) {
        new MutationObserver(() => faces().forEach(show)).observe(drawing, { childList: true });
        faces().forEach(show);
    }
}
