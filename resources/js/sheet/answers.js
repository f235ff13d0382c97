/** What happens at a sheet's desk when the server answers what was sent: it is kept, or something is asked back. */
export function createAnswers(desk) {
    const { page, entry, said } = desk;
    const { url, cursor } = page;
    let draft = '';

    /** Both pages of a job's bores share an outbox; an answer for the other page only says that something is new. */
    function showAnswerOf(sent, answer) {
        if (sent.url.startsWith(`${url}/`)) {
            page.show(answer);
        } else {
            page.refresh();
        }
    }

    async function resend(items, change) {
        for (const item of items) {
            await desk.mailbox.store.put({ ...item, state: 'waiting', question: null, body: { ...item.body, ...change } });
        }
        desk.mailbox.nudge();
    }

    function keptAt(place, sent) {
        desk.hand.answered(place);
        said.textContent = `${sent.body.text} kept.`;
    }

    function goOn() {
        // A place that somebody chose meanwhile stays the current one.
        if (desk.hand.isFree && desk.isIdle()) {
            desk.hand.goOn();
        } else {
            desk.hand.render();
        }
    }

    function ask(item) {
        if (!desk.questions.current) {
            draft = entry.value;
            entry.value = item.question.kind === 'unreadable' ? (item.body.text ?? '') : '';
        }
        desk.questions.ask(item);
        if (item.question.kind === 'setup') {
            desk.dialogs.setup(item.question.text, item.body.place?.split('.')[0]);
        }
        desk.hand.lead(item.body.place ?? cursor.place);
    }

    return {
        /** Something that was sent is written. */
        settled(sent, answer) {
            if (sent.url.endsWith('/claims')) {
                desk.feed.claimed(answer.gauge, '');

                return;
            }
            const place = sent.body.place;
            if (place) {
                keptAt(place, sent);
            }
            showAnswerOf(sent, answer);
            goOn();
            if (place) {
                cursor.cell(place)?.classList.add('settles');
            } else if (sent.url.endsWith('/setups')) {
                resend(desk.questions.takeAll('setup'), {});
            }
            if (sent.url.endsWith('/undo')) {
                desk.hand.lead(page.walk[0]?.place ?? cursor.place);
            }
        },

        /** The server asks something before it writes. */
        asked(item) {
            if (item.url.endsWith('/claims')) {
                desk.mailbox.store.remove(item.id);
                desk.feed.claimed(null, item.question.text);
            } else if (desk.dialogs.askBack(item) || desk.marginForms.giveBack(item)) {
                desk.mailbox.store.remove(item.id);
            } else {
                ask(item);
            }
        },

        /** Somebody has decided about a question; without a change what was sent is dropped. */
        async decide(item, change) {
            entry.value = draft;
            draft = '';
            if (change === null) {
                desk.hand.answered(item.body.place);
                await desk.mailbox.store.remove(item.id);
                page.refresh().finally(desk.hand.render);
            } else {
                if (change.text !== undefined) {
                    desk.hand.waitsFor(item.body.place, change.text);
                }
                await resend([item], change);
            }
            if (desk.questions.current?.body.place) {
                desk.hand.lead(desk.questions.current.body.place);
            } else {
                desk.hand.goOn();
            }
            entry.focus();
        },
    };
}
