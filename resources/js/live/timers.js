import { alarm } from './alarm.js';

const TICK = 500;

/** Counts every timer on the page down by the server's clock, and warns once when one is due: by title, sound and vibration. */
export function startTimers(page, clock, warn = alarm) {
    const title = page.title;
    const warned = new Set();

    function tick() {
        const now = clock.now();
        const timers = [...page.querySelectorAll('[data-due]')];
        for (const timer of timers) {
            const words = wordsOf(now, Number(timer.dataset.due), Number(timer.dataset.tooLate || Infinity));
            const shown = timer.querySelector('[data-left]') ?? timer;
            if (shown.textContent !== words.text) {
                shown.textContent = words.text;
            }
            timer.classList.toggle('due', words.isDue);
            timer.classList.toggle('too-late', words.isTooLate);
            const name = `${timer.dataset.timer} ${timer.dataset.due}`;
            if (words.isDue && !warned.has(name)) {
                warned.add(name);
                warn();
            }
        }
        page.title = titleOf(
            title,
            timers.map((timer) => Number(timer.dataset.due)),
            now,
        );
    }

    tick();

    return setInterval(tick, TICK);
}

export function wordsOf(now, due, tooLate) {
    const left = due - now;
    if (left > 0) {
        return { text: minutes(left), isDue: false, isTooLate: false };
    }
    if (now > tooLate) {
        return { text: 'too late', isDue: true, isTooLate: true };
    }

    return { text: 'due', isDue: true, isTooLate: false };
}

export function titleOf(title, dues, now) {
    if (dues.length === 0) {
        return title;
    }
    const next = Math.min(...dues);

    return next <= now ? `◆ due · ${title}` : `${minutes(next - now)} · ${title}`;
}

function minutes(milliseconds) {
    const seconds = Math.ceil(milliseconds / 1000);

    return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}
