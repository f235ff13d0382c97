/** The server's clock as this page knows it: set by every answer, so that neither a wrong nor a changed clock here matters. */
export function createClock(serverNow, here = () => performance.now()) {
    let offset = serverNow - here();

    return {
        now: () => here() + offset,
        set: (now) => {
            offset = now - here();
        },
    };
}
