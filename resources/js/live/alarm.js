const BEEPS = [0, 0.25, 0.5];

/** Three short tones and a buzz; where the browser allows neither, the title still says it. */
export function alarm() {
    navigator.userActivation?.hasBeenActive && navigator.vibrate?.([200, 100, 200]);
    if (!window.AudioContext) {
        return;
    }
    const audio = new AudioContext();
    for (const begin of BEEPS) {
        const tone = audio.createOscillator();
        const level = audio.createGain();
        tone.frequency.value = 880;
        level.gain.value = 0.2;
        tone.connect(level).connect(audio.destination);
        tone.start(audio.currentTime + begin);
        tone.stop(audio.currentTime + begin + 0.15);
    }
    setTimeout(() => audio.close(), 1500);
}
