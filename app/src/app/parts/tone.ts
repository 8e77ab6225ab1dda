const TONE_HERTZ = 880;
const TONE_SECONDS = 0.35;

/** One short tone; a page that nobody has touched yet may not sound. */
export function sound(times = 1): void {
  if (!('AudioContext' in window)) return;
  const audio = new AudioContext();
  let last: OscillatorNode | undefined;
  for (let nth = 0; nth < times; nth++) {
    const begins = audio.currentTime + nth * TONE_SECONDS * 1.3;
    const tone = audio.createOscillator();
    const loudness = audio.createGain();
    tone.frequency.value = TONE_HERTZ;
    loudness.gain.setValueAtTime(0.2, begins);
    loudness.gain.exponentialRampToValueAtTime(0.001, begins + TONE_SECONDS);
    tone.connect(loudness).connect(audio.destination);
    tone.start(begins);
    tone.stop(begins + TONE_SECONDS);
    last = tone;
  }
  if (last) last.onended = () => void audio.close();
}
