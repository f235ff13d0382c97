/** `/` goes to the find field from anywhere but a field. */
export function startFinding(page) {
    page.addEventListener('keydown', (event) => {
        const isTyping = event.target.closest('input, textarea, select, dialog');
        if (event.key === '/' && !isTyping && !event.ctrlKey && !event.metaKey) {
            event.preventDefault();
            goToFind(page);
        }
    });
}

export function goToFind(page) {
    const field = page.querySelector('[data-find]');
    field?.focus();
    field?.select();
}
