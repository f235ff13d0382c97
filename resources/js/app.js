import { startFinding } from './find.js';
import { startFaces } from './sheet/faces.js';
import { startLight } from './light.js';
import { createClock } from './live/clock.js';
import { startFresh } from './live/fresh.js';
import { startHotkeys } from './hotkeys.js';
import { startKeeper } from './keeper/keeper.js';
import { startLive } from './live/live.js';
import { startDimensions } from './dimensions.js';
import { startMap } from './live/map.js';
import { startTimers } from './live/timers.js';
import { forgetKeptText, startKeptText } from './plain/kept-text.js';
import { startLoad } from './load.js';
import { startPins } from './pins.js';
import { startPlan } from './plan.js';
import { startPlainOutbox } from './plain/plain-outbox.js';
import { startPractice, startPracticeGrid } from './practice.js';
import { startPrinting } from './print.js';
import { startSeen } from './seen.js';
import { startSettingSearch } from './settings.js';
import { startSheet } from './sheet/desk.js';
import { startSpecForm } from './spec-form.js';
import { startStrength } from './strength.js';
import { startTags } from './tag.js';
import { startWork } from './work.js';

startFinding(document);
startFaces(document);
startLight(document);
startPrinting(document);
startSeen(document);
startTags(document);
startKeeper(document, document.querySelector('header.bar') !== null);
const sheet = document.querySelector('[data-sheet]');
const live = document.querySelector('[data-live]');
const clock = document.querySelector('[data-clock]');
const settingSearch = document.querySelector('[data-setting-search]');
if (sheet) {
    startSheet(sheet);
}
if (live) {
    startLive(live);
    startHotkeys(document);
    if (live.matches('[data-work]')) {
        startWork(live);
    }
    if (live.querySelector('[data-map]')) {
        startMap(live);
    }
}
const fresh = document.querySelector('[data-fresh]');
if (fresh) {
    startFresh(fresh);
}
const plain = document.querySelector('[data-plain-outbox]');
const keptText = document.querySelector('[data-kept-text]');
const forgets = document.querySelector('[data-forgets-text]');
if (plain && !sheet && !live) {
    startPlainOutbox(plain);
}
if (keptText) {
    startKeptText(keptText);
}
if (forgets) {
    forgets.addEventListener('submit', () => forgetKeptText(forgets.dataset.forgetsText));
}
const planned = document.querySelector('[data-plan]');
if (planned) {
    startPlan(planned);
}
const load = document.querySelector('[data-load]');
if (load) {
    startLoad(load);
}
const practice = document.querySelector('[data-practice]');
if (practice) {
    startPractice(practice);
}
const practiceGrid = document.querySelector('[data-practice-grid]');
if (practiceGrid) {
    startPracticeGrid(practiceGrid);
}
const pinned = document.querySelector('[data-pins]');
if (pinned) {
    startPins(pinned);
}
const dimensioned = document.querySelector('[data-dimensioned]');
if (dimensioned) {
    startDimensions(dimensioned);
}
const choosesPassword = document.querySelector('[data-password-form]');
if (choosesPassword) {
    startStrength(choosesPassword);
}
const specForm = document.querySelector('[data-follows-from]');
if (specForm) {
    startSpecForm(specForm);
}
if (settingSearch) {
    startSettingSearch(settingSearch);
}
if (clock) {
    startTimers(document, createClock(Number(clock.dataset.clock)));
}
