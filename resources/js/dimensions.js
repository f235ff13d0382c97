/** Values stand beside their lines as they are typed, and the line that a field belongs to stands out. */
export function startDimensions(form) {
    const lineOf = (field) => {
        const path = /^value\[(.+)\]$/.exec(field.name ?? '')?.[1];
        return path ? form.querySelector(`[data-dim="${CSS.escape(path)}"]`) : null;
    };

    form.addEventListener('input', ({ target }) => {
        const line = lineOf(target);
        if (line) {
            line.classList.toggle('unknown', target.value === '');
            line.querySelector('text').textContent = target.value || '?';
        }
    });
    form.addEventListener('focusin', ({ target }) => lineOf(target)?.classList.add('now'));
    form.addEventListener('focusout', ({ target }) => lineOf(target)?.classList.remove('now'));
    form.addEventListener('click', ({ target }) => {
        const path = target.closest('[data-dim]')?.dataset.dim;
        if (path) {
            form.elements[`value[${path}]`]?.focus();
        }
    });
}
