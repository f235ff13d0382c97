/** Letters that press a button of the page; each is seen beside the button's word. */
export function startHotkeys(page) {
    page.addEventListener('keydown', (event) => {
        const isPlain = !event.ctrlKey && !event.metaKey && !event.altKey && event.key.length === 1;
        const button = isPlain && takesNoWords(event.target) ? page.querySelector(`button[data-hotkey="${CSS.escape(event.key)}"]`) : null;
        if (button) {
            event.preventDefault();
            button.click();
        }
    });
}

/** @returns {boolean} True where a letter cannot be meant for the field it is typed in: a number is about to be typed there */
export function takesNoWords(target) {
    const isField = ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName);
    const wantsANumber = target.tagName === 'INPUT' && target.classList.contains('num') && target.value === '';

    return !isField || wantsANumber || ['checkbox', 'radio'].includes(target.type);
}
