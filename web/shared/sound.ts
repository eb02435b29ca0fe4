/** A struck bowl: two tones a little apart that ring out. How many strokes says which alarm it is. */
const STROKES_APART_S = 0.34;
const RINGS_S = 1.4;
const BETWEEN_S = 1.2;
const TONES = [523.25, 659.25, 783.99, 440, 587.33];

let audio: AudioContext | null = null;
/** When the last alarm has rung out, on the clock of the sound. */
let freeAt = 0;

/** Sound may begin only after a press: this is called by one. */
export function readySound(): void {
  audio ??= new AudioContext();
  void audio.resume();
}

function stroke(context: AudioContext, at: number, tone: number): void {
  for (const [ratio, loud] of [[1, 0.3], [2.4, 0.09]] as const) {
    const [wave, gain] = [context.createOscillator(), context.createGain()];
    wave.frequency.value = tone * ratio;
    gain.gain.setValueAtTime(loud, at);
    gain.gain.exponentialRampToValueAtTime(0.0001, at + RINGS_S / ratio);
    wave.connect(gain).connect(context.destination);
    wave.start(at);
    wave.stop(at + RINGS_S);
  }
} // prettier-ignore

/**
 * Rings for the alarm of a number, 1 and up: so many strokes (five at most) in a tone of its own. Several alarms ring one after
 * another, never into each other.
 */
export function ring(which: number): void {
  if (!audio || audio.state !== 'running') return;
  const strokes = 1 + ((which - 1) % TONES.length);
  const begin = Math.max(audio.currentTime, freeAt);
  for (let k = 0; k < strokes; k++) stroke(audio, begin + k * STROKES_APART_S, TONES[strokes - 1]!);
  freeAt = begin + strokes * STROKES_APART_S + BETWEEN_S;
}
