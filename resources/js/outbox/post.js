/** Posts JSON, or a form where a file goes along, with the page's token; a reply that is not JSON counts as no data. */
export async function post(url, body, headers = {}) {
    const hasFile = Object.values(body).some((value) => value instanceof Blob);
    const response = await fetch(url, {
        method: 'POST',
        credentials: 'same-origin',
        headers: {
            ...(hasFile ? {} : { 'Content-Type': 'application/json' }),
            Accept: 'application/json',
            'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content,
            ...headers,
        },
        body: hasFile ? formOf(body) : JSON.stringify(body),
    });

    return { status: response.status, data: await response.json().catch(() => null) };
}

/** What was written since an entry; null where nothing was. Where a page stands at one thing of many, `at` says at which. */
export async function changesSince(url, head, at = '') {
    const address = new URL(url, location.href);
    address.searchParams.set('since', head);
    if (at !== '') {
        address.searchParams.set('at', at);
    }
    const response = await fetch(address, { credentials: 'same-origin', headers: { Accept: 'application/json' } });

    return response.status === 200 ? response.json() : null;
}

function formOf(body) {
    const form = new FormData();
    for (const [name, value] of Object.entries(body)) {
        if (value !== null && value !== undefined) {
            form.append(name, value);
        }
    }

    return form;
}
