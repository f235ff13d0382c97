/** Shows what follows from the values of a sheet as they are typed. */
export function startSpecForm(form, send = fetch) {
    const place = form.querySelector('[data-follows]');
    let newest = 0;

    form.addEventListener('change', async () => {
        const turn = ++newest;
        const answer = await send(form.dataset.followsFrom, { method: 'POST', body: new FormData(form) }).catch(() => null);
        if (answer?.ok && turn === newest) {
            place.innerHTML = await answer.text();
        }
    });
}
