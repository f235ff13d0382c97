/** What to say of a password while it is typed; whether it is taken is the house's to say. */
export function strengthWords(password, shortest) {
    const length = [...password].length;
    const different = new Set(password.toLowerCase()).size;
    if (length === 0) {
        return `At least ${shortest} characters: a few words in a row are easy to keep in mind.`;
    }
    if (length < shortest) {
        return shortest - length === 1 ? 'One more character.' : `${shortest - length} more characters.`;
    }
    if (different < 5) {
        return 'Long enough, and too easy a pattern.';
    }
    return length >= shortest + 6 ? 'Long: good.' : 'Long enough. One more word makes it good.';
}

export function startStrength(form) {
    const field = form.querySelector('[data-strength]');
    const words = form.querySelector('[data-strength-words]');
    const shortest = Number(field.dataset.strength);
    field.addEventListener('input', () => {
        words.textContent = strengthWords(field.value, shortest);
    });
}
