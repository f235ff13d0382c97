/** Choosing one thing shows at once what follows elsewhere: the server works it out, and what it says takes the old one's place. */
export function startPlan(form, load = (address) => fetch(address, { credentials: 'same-origin' })) {
    let asked = 0;

    form.addEventListener('change', async ({ target }) => {
        if (target.type !== 'radio') {
            return;
        }
        const number = ++asked;
        const answer = await load(`${location.pathname}?${picked(form)}`).catch(() => null);
        if (answer?.ok && number === asked) {
            takeOver(new DOMParser().parseFromString(await answer.text(), 'text/html'));
        }
    });
}

/** What is picked, as the address of the page that works it out. */
function picked(form) {
    const query = new URLSearchParams();
    for (const [name, value] of new FormData(form)) {
        if (name === 'option' || name.startsWith('parts[')) {
            query.append(name, value);
        }
    }

    return query.toString();
}

function takeOver(page) {
    const { name, value } = document.activeElement ?? {};
    for (const old of document.querySelectorAll('[data-plan-live]')) {
        const fresh = page.querySelector(`[data-plan-live="${old.dataset.planLive}"]`);
        if (fresh) {
            old.replaceChildren(...fresh.childNodes);
        }
    }
    if (name?.startsWith('parts[')) {
        document.querySelector(`input[name="${CSS.escape(name)}"][value="${CSS.escape(value)}"]`)?.focus();
    }
}
