const LOOK_AGAIN = 1000;

/**
 * Two people at one sheet: tells the others where this page is, shows where they are, and reads the last reading back,
 * large and, where it is wanted and there is one, by the browser's voice.
 *
 * @param panel   the element that shows all that
 * @param seat    this page's number
 * @param url     of the sheet
 * @param post    (url, body) => { status, data }
 * @param here    () => key of this page's current place
 * @param follow  (key) => void; the caller's page goes where the writer is
 */
export function createPair({ panel, seat, url, post, here, follow }) {
    let part = null;
    let voice = false;
    let lastRead = null;
    let timer = null;

    const line = (name) => panel.querySelector(`[data-pair-${name}]`);

    async function look() {
        const answer = await post(`${url}/seats`, { seat, part, place: here() }).catch(() => null);
        if (answer?.status === 200 && part) {
            show(answer.data);
        }
        if (part) {
            timer = setTimeout(look, LOOK_AGAIN);
        }
    }

    function show({ others, last }) {
        line('others').textContent =
            others.length === 0
                ? 'Nobody else has joined yet.'
                : others.map((one) => `${one.name}, ${one.part}${one.words && `, at ${lower(one.words)}`}`).join('; ');
        line('value').textContent = last?.typed ?? '';
        line('where').textContent = last ? `${last.words}, by ${last.by}` : '';
        if (last && last.ulid !== lastRead) {
            if (lastRead !== null) {
                speak(`${last.words}. ${last.typed}`);
            }
            lastRead = last.ulid;
        }
        const writer = others.find((one) => one.part === 'writer' && one.place);
        mark(others);
        if (part === 'caller' && writer) {
            follow(writer.place);
        }
    }

    function mark(others) {
        document.querySelectorAll('td.theirs').forEach((cell) => cell.classList.remove('theirs'));
        for (const one of others) {
            document.querySelector(`td[data-place="${CSS.escape(one.place ?? '')}"]`)?.classList.add('theirs');
        }
    }

    function speak(text) {
        if (voice && 'speechSynthesis' in window) {
            speechSynthesis.cancel();
            speechSynthesis.speak(new SpeechSynthesisUtterance(spoken(text)));
        }
    }

    function join(chosen) {
        part = chosen;
        panel.hidden = false;
        lastRead = null;
        clearTimeout(timer);
        look();
    }

    async function leave() {
        part = null;
        clearTimeout(timer);
        panel.hidden = true;
        mark([]);
        await post(`${url}/seats/leave`, { seat }).catch(() => null);
    }

    return {
        join,
        leave,
        get part() {
            return part;
        },
        useVoice(wanted) {
            voice = wanted;
        },
    };
}

/** A reading as it is said: “plus 3.1”, “minus 4”. */
export function spoken(text) {
    return text.replace(/[\u2212-](?=[\d.])/g, 'minus ').replace(/\+(?=[\d.])/g, 'plus ');
}

function lower(words) {
    return words.charAt(0).toLowerCase() + words.slice(1);
}
