/** Two short notes, as of a glass; nothing where the browser makes no sound before it was touched. */
export function chime(): void {
  if (typeof AudioContext === 'undefined') return;
  const audio = new AudioContext();
  if (audio.state === 'suspended') return void audio.close();
  NOTES.forEach((hertz, index) => {
    const at = audio.currentTime + index * APART_S;
    const tone = audio.createOscillator();
    const loudness = audio.createGain();
    tone.frequency.value = hertz;
    loudness.gain.setValueAtTime(LOUDEST, at);
    loudness.gain.exponentialRampToValueAtTime(SILENT, at + RINGS_S);
    tone.connect(loudness).connect(audio.destination);
    tone.start(at);
    tone.stop(at + RINGS_S);
  });
  setTimeout(() => void audio.close(), (NOTES.length * APART_S + RINGS_S) * 1000);
}

const NOTES = [880, 1175];
const [APART_S, RINGS_S] = [0.25, 0.9];
const [LOUDEST, SILENT] = [0.25, 0.001];
