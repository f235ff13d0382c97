import { ulid } from './outbox/ulid.js';

const QUARTER_MINUTES = 15;
const REFRESH_MS = 60_000;
const ZOOMS = ['day', 'week', 'month'];
const DRAG_FROM_PX = 5;

/**
 * The load: bars are gone to by arrows, pinned by `p`, moved by Shift and arrows or by dragging; the page follows what happens elsewhere.
 */
export function startLoad(root) {
    const sheet = root.querySelector('[data-load-sheet]');
    const says = root.querySelector('[data-load-says]');
    const mayPin = root.dataset.mayPin === '1';
    let moving = null;

    function say(text, isRefused = false) {
        says.textContent = text;
        says.classList.toggle('refused', isRefused);
    }

    function daysOf() {
        return [...sheet.querySelectorAll('[data-day]')].map((day) => ({
            x: Number(day.dataset.x),
            width: Number(day.dataset.width),
            from: toMinutes(day.dataset.day),
            to: toMinutes(day.dataset.to),
        }));
    }

    function show(bar, minutes) {
        const shift = xAt(daysOf(), minutes) - xAt(daysOf(), toMinutes(bar.dataset.starts));
        bar.setAttribute('transform', `translate(${shift} 0)`);
        bar.classList.toggle('moved', shift !== 0);
        say(`${written(minutes)}: p pins it there, Esc puts it back.`);
    }

    function putBack(bar) {
        bar.removeAttribute('transform');
        bar.classList.remove('moved');
        moving = null;
        say('');
    }

    async function refresh(focus) {
        const answer = await fetch(location.href, { headers: { Accept: 'application/json' } });
        if (!answer.ok) {
            return;
        }
        const { html, mark } = await answer.json();
        const code = focus ?? document.activeElement?.dataset?.bar;
        sheet.innerHTML = html;
        sheet.dataset.mark = mark;
        if (code) {
            [...sheet.querySelectorAll('[data-bar]')].find((bar) => bar.dataset.bar === code)?.focus();
        }
    }

    async function pin(bar, starts, snaps = false) {
        const body = new FormData();
        const operation = bar.dataset.bar;
        body.set('operation', operation);
        body.set('starts', starts);
        body.set('mark', bar.dataset.mark);
        body.set('snap', snaps ? '1' : '0');
        body.set('ulid', ulid());
        try {
            const answer = await fetch('/load/pins', {
                method: 'POST',
                body,
                headers: { Accept: 'application/json', 'X-CSRF-TOKEN': document.querySelector('meta[name=csrf-token]').content },
            });
            const said = await answer.json();
            if (!answer.ok) {
                putBack(bar);
                say(Object.values(said.errors ?? {})[0]?.[0] ?? said.message, true);
                if (answer.status === 409) {
                    await refresh(operation);
                }
                return;
            }
            moving = null;
            say(said.note);
            await refresh(operation);
        } catch {
            putBack(bar);
            say('No network: nothing was pinned. Try again in a moment.', true);
        }
    }

    function nudge(bar, direction) {
        const from = moving?.bar === bar ? moving.minutes : toMinutes(bar.dataset.starts);
        moving = { bar, minutes: openMinute(daysOf(), from + direction * QUARTER_MINUTES, direction) };
        show(bar, moving.minutes);
    }

    function canMove(bar) {
        return mayPin && bar?.dataset.moves === '1';
    }

    function goOrMove(event, bar) {
        event.preventDefault();
        const isSideways = event.key === 'ArrowLeft' || event.key === 'ArrowRight';
        if (event.shiftKey && isSideways && canMove(bar)) {
            nudge(bar, event.key === 'ArrowRight' ? 1 : -1);
        } else {
            neighbour(rowsOf(sheet), bar, event.key)?.focus();
        }
    }

    function pinOrUnpin(bar) {
        const isMoved = moving?.bar === bar;
        const minutes = isMoved ? moving.minutes : toMinutes(bar.dataset.starts);
        pin(bar, bar.dataset.pinned === '1' && !isMoved ? '' : toText(minutes));
    }

    function keyAtBar(event, bar) {
        if (event.key.startsWith('Arrow')) {
            goOrMove(event, bar);
        } else if (event.key === 'p' && canMove(bar)) {
            pinOrUnpin(bar);
        }
    }

    root.addEventListener('keydown', (event) => {
        if (event.target.matches('input, select, textarea') || event.ctrlKey || event.metaKey || event.altKey) {
            return;
        }
        const bar = event.target.closest('[data-bar]');
        if (event.key === '+' || event.key === '-') {
            zoomLink(sheet, event.key === '+' ? -1 : 1)?.click();
        } else if (event.key === 'Escape' && moving) {
            putBack(moving.bar);
        } else if (bar) {
            keyAtBar(event, bar);
        }
    });
    startDragging(sheet, {
        canMove,
        at: (bar, dx) => minuteAt(daysOf(), xAt(daysOf(), toMinutes(bar.dataset.starts)) + dx),
        show,
        drop: (bar, minutes) => pin(bar, toText(minutes), true),
        putBack,
    });
    setInterval(() => {
        if (!moving && document.visibilityState === 'visible' && !sheet.querySelector('details[open], input:focus')) {
            refresh().catch(() => {});
        }
    }, REFRESH_MS);
}

function startDragging(sheet, { canMove, at, show, drop, putBack }) {
    let drag = null;
    sheet.addEventListener('pointerdown', (event) => {
        const bar = event.target.closest('[data-bar]');
        if (bar && canMove(bar) && event.button === 0) {
            const scale = bar.ownerSVGElement.viewBox.baseVal.width / bar.ownerSVGElement.clientWidth;
            drag = { bar, from: event.clientX, scale, minutes: null };
        }
    });
    sheet.addEventListener('pointermove', (event) => {
        if (drag && (drag.minutes !== null || Math.abs(event.clientX - drag.from) > DRAG_FROM_PX)) {
            drag.minutes = at(drag.bar, (event.clientX - drag.from) * drag.scale);
            show(drag.bar, drag.minutes);
        }
    });
    const end = (isDropped) => {
        const ended = drag;
        drag = null;
        if (ended && ended.minutes !== null) {
            sheet.addEventListener('click', (event) => event.preventDefault(), { once: true, capture: true });
            if (isDropped) {
                drop(ended.bar, ended.minutes);
            } else {
                putBack(ended.bar);
            }
        }
    };
    window.addEventListener('pointerup', () => end(true));
    window.addEventListener('pointercancel', () => end(false));
    // A bar is a link: the browser would drag its address.
    sheet.addEventListener('dragstart', (event) => event.preventDefault());
}

function rowsOf(sheet) {
    return [...sheet.querySelectorAll('[data-row]')]
        .map((row) => [...row.querySelectorAll('[data-bar]')])
        .filter((bars) => bars.length > 0);
}

/** The bar before or after in its row; above or below, the one that stands nearest. */
export function neighbour(rows, bar, key) {
    const row = rows.findIndex((bars) => bars.includes(bar));
    const index = rows[row].indexOf(bar);
    if (key === 'ArrowLeft' || key === 'ArrowRight') {
        return rows[row][index + (key === 'ArrowRight' ? 1 : -1)] ?? null;
    }
    const others = rows[row + (key === 'ArrowDown' ? 1 : -1)] ?? [];
    const distance = (other) => Math.abs(xOf(other) - xOf(bar));

    return others.reduce((best, other) => (best === null || distance(other) < distance(best) ? other : best), null);
}

function xOf(bar) {
    return Number(bar.dataset.x);
}

function zoomLink(sheet, step) {
    const links = [...sheet.querySelectorAll('[data-zoom]')];
    const now = links.find((link) => link.hasAttribute('aria-current'))?.dataset.zoom;
    const wanted = ZOOMS[ZOOMS.indexOf(now) + step];

    return links.find((link) => link.dataset.zoom === wanted) ?? null;
}

/** Where a minute stands on the axis; one in the night at the edge of its day. */
export function xAt(days, minutes) {
    for (const day of days) {
        if (minutes < day.to) {
            return day.x + day.width * Math.max(0, (minutes - day.from) / (day.to - day.from));
        }
    }
    const last = days[days.length - 1];

    return last.x + last.width;
}

/** The minute under a place on the axis, to five minutes. */
export function minuteAt(days, x) {
    const day = days.find((one) => x < one.x + one.width) ?? days[days.length - 1];
    const share = Math.min(1, Math.max(0, (x - day.x) / day.width));

    return day.from + Math.round((share * (day.to - day.from)) / 5) * 5;
}

/** A minute in the night is the last of the day before, or the first of the next. */
export function openMinute(days, minutes, direction) {
    if (days.some((day) => minutes >= day.from && minutes < day.to)) {
        return minutes;
    }
    const next = direction > 0 ? days.find((day) => day.from > minutes) : days.findLast((day) => day.to <= minutes);
    if (!next) {
        return minutes;
    }

    return direction > 0 ? next.from : next.to - QUARTER_MINUTES;
}

function toMinutes(text) {
    return Date.parse(`${text}:00Z`) / 60_000;
}

function toText(minutes) {
    return new Date(minutes * 60_000).toISOString().slice(0, 16);
}

function written(minutes) {
    return new Date(minutes * 60_000).toLocaleString('en-GB', {
        weekday: 'short',
        day: 'numeric',
        month: 'short',
        hour: 'numeric',
        minute: '2-digit',
        timeZone: 'UTC',
    });
}
