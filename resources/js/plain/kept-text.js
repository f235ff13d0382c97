const LOOK_AGAIN = 1500;

/**
 * A form with a long text that is only looked at: the text is kept by the browser from the first letter on, a chosen
 * file becomes that text, and the form is sent when the server can be reached.
 */
export function startKeptText(form, storage = localStorage) {
    const text = form.querySelector('textarea');
    const file = form.querySelector('input[type=file]');
    const said = form.querySelector('[data-kept-said]');
    const key = `kept ${form.action}`;
    const kept = storage.getItem(key);
    if (kept !== null && text.value === text.defaultValue && !form.querySelector('.error')) {
        text.value = kept;
    }
    const keep = () => storage.setItem(key, text.value);

    text.addEventListener('input', keep);
    file.addEventListener('change', async () => {
        if (file.files.length === 1) {
            text.value = await file.files[0].text();
            keep();
        }
    });
    form.addEventListener('submit', async (event) => {
        event.preventDefault();
        if (form.getAttribute('aria-busy') === 'true') {
            return;
        }
        form.setAttribute('aria-busy', 'true');
        while (!(await canReach(form.action))) {
            said.hidden = false;
            await new Promise((done) => setTimeout(done, LOOK_AGAIN));
        }
        file.value = '';
        form.submit();
    });
}

/** Forgets a kept text once its rows are on their way. */
export function forgetKeptText(address, storage = localStorage) {
    storage.removeItem(`kept ${new URL(address, location.href).href}`);
}

async function canReach(address) {
    const reply = await fetch(address, { method: 'HEAD', credentials: 'same-origin' }).catch(() => null);

    return reply !== null && reply.status < 500;
}
