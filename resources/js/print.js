export function startPrinting(page) {
    page.querySelector('[data-print]')?.addEventListener('click', () => window.print());
}
