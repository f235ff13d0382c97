/**
 * Where the hand is on a sheet: at the place that is proposed, at one that somebody chose, or once more at the last one.
 * What was keyed and is not answered yet stands in its cell.
 *
 * @param questionOf  () => the entry that is asked back, or null
 */
export function createHand(root, page, questionOf) {
    const { cursor } = page;
    const where = root.querySelector('[data-where]');
    const hint = root.querySelector('[data-hint]');
    const repeatHint = root.querySelector('[data-repeat]');
    const waits = new Map();
    let last = null;
    let isRepeat = false;
    let isProposed = true;

    function render() {
        const question = questionOf();
        const asked = question?.body.place ? cursor.cell(question.body.place)?.dataset.words : cursor.words;
        where.textContent = asked || 'Nothing more to read';
        hint.textContent = question ? '' : cursor.prompt || (isProposedNext() ? 'proposed next' : '');
        repeatHint.hidden = !isRepeat;
        waits.forEach(showWaiting);
    }

    const isProposedNext = () => page.walk.some((one) => one.isProposed && one.place === cursor.place);

    function showWaiting(text, place) {
        const cell = cursor.cell(place);
        if (cell) {
            cell.classList.add('waits');
            cell.innerHTML = '<small></small>';
            cell.firstChild.textContent = `${text} …`;
        }
    }

    function stand(place, once) {
        cursor.set(place);
        isRepeat = once;
        render();
    }

    return {
        render,
        get isRepeat() {
            return isRepeat;
        },
        /** True where nobody chose the place: it may go on by itself. */
        get isFree() {
            return isProposed;
        },
        /** To the next place that is neither read just now nor waiting. */
        goOn() {
            const next = page.walk.find((one) => one.place !== last && !waits.has(one.place));
            isProposed = true;
            stand(next?.place ?? cursor.place, next?.isRepeat ?? false);
        },
        choose(place) {
            isProposed = false;
            stand(place, false);
        },
        move(rows, columns) {
            isProposed = false;
            cursor.move(rows, columns);
            stand(cursor.place, false);
        },
        /** Where the other person of a pair is, or a question, or what was taken back. */
        lead: (place) => stand(place, page.walk.find((one) => one.place === place)?.isRepeat ?? false),
        onceMore() {
            if (last) {
                isProposed = false;
                stand(last, true);
            }
        },
        letGo: () => stand(cursor.place, false),
        /** Something was keyed here, and waits for its answer. */
        keyed(text) {
            last = cursor.place;
            waits.set(last, text);
        },
        waitsFor: (place, text) => waits.set(place, text),
        answered: (place) => waits.delete(place),
    };
}
