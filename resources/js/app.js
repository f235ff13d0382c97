import { startFinding } from './find.js';
import { startLight } from './light.js';
import { startPrinting } from './print.js';
import { startSheet } from './sheet/desk.js';

startFinding(document);
startLight(document);
startPrinting(document);
const sheet = document.querySelector('[data-sheet]');
if (sheet) {
    startSheet(sheet);
}
