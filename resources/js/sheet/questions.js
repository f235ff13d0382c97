/**
 * A slipped decimal point is answered by a number, the typed one standing last; everything else by the code of a reason. What an
 * older house asked, and waits in this browser, has no codes: its words are understood.
 */
function chosen({ kind, choices, values = choices }, index) {
    return kind === 'slip' ? { text: values[index], confirmed: index === values.length - 1 } : { reason: values[index] };
}

/**
 * Entries that were asked back, one at a time, above the entry line. A question is answered by keys alone: Enter
 * confirms, a digit picks a reason, a new value replaces what was typed.
 *
 * @param panel   the element that shows the question
 * @param decide  (entry, change) => void; change is null where the entry is dropped
 */
export function createQuestions(panel, decide) {
    let waiting = [];

    const current = () => waiting[0] ?? null;

    function settle(change) {
        const entry = waiting.shift();
        render();
        decide(entry, change);
    }

    function button(label, change) {
        const one = document.createElement('button');
        one.type = 'button';
        one.textContent = label;
        one.addEventListener('click', () => settle(change));

        return one;
    }

    function render() {
        const entry = current();
        panel.hidden = entry === null;
        panel.replaceChildren();
        if (entry === null) {
            return;
        }
        const { kind, text, choices } = entry.question;
        const typed = entry.body.text ? `“${entry.body.text}”: ` : '';
        panel.append(`${typed}${text} `);
        if (kind === 'confirm') {
            panel.append(button('Enter: yes, it reads that', { confirmed: true }));
        }
        if (kind === 'failed') {
            panel.append(button('Enter: send it again', {}));
        }
        choices.forEach((choice, index) => panel.append(button(`${index + 1} ${choice}`, chosen(entry.question, index))));
        panel.append(button('Esc: drop it', null));
    }

    return {
        ask(entry) {
            waiting = [...waiting.filter((one) => one.id !== entry.id), entry];
            render();
        },
        get current() {
            return current();
        },
        /** True where the text answered the question that stands. */
        answer(text) {
            const entry = current();
            const { kind, choices } = entry.question;
            if (text === '' && kind !== 'confirm' && kind !== 'failed') {
                return false;
            }
            if (text === '') {
                settle(kind === 'failed' ? {} : { confirmed: true });
            } else if (choices[Number(text) - 1]) {
                settle(chosen(entry.question, Number(text) - 1));
            } else if (kind === 'reason') {
                settle({ reason: text });
            } else {
                settle({ text, confirmed: false });
            }

            return true;
        },
        drop: () => settle(null),
        /** Takes the entries that a stated setup answers. */
        takeAll(kind) {
            const taken = waiting.filter((entry) => entry.question.kind === kind);
            waiting = waiting.filter((entry) => entry.question.kind !== kind);
            render();

            return taken;
        },
    };
}
