/** Says in the margin how many entries wait in this browser, and the way back in where the session has ended. */
export function sayWhatWaits(place, count, isLockedOut) {
    place.hidden = count === 0;
    place.replaceChildren();
    if (count === 0) {
        return;
    }
    const what = count === 1 ? '1 entry waits' : `${count} entries wait`;
    if (!isLockedOut) {
        place.append(`No connection: ${what} in this browser and will be sent.`);

        return;
    }
    const again = document.createElement('a');
    again.href = location.href;
    again.textContent = 'Log in again; nothing is lost.';
    place.append(`${what} in this browser. `, again);
}
