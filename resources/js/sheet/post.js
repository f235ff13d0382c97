/** Posts JSON with the page's token; a reply that is not JSON counts as no data. */
export async function post(url, body) {
    const response = await fetch(url, {
        method: 'POST',
        credentials: 'same-origin',
        headers: {
            'Content-Type': 'application/json',
            Accept: 'application/json',
            'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content,
        },
        body: JSON.stringify(body),
    });

    return { status: response.status, data: await response.json().catch(() => null) };
}

/** What was written since an entry; null where nothing was. */
export async function changesSince(url, head) {
    const response = await fetch(`${url}?since=${head}`, {
        credentials: 'same-origin',
        headers: { Accept: 'application/json' },
    });

    return response.status === 200 ? response.json() : null;
}
