import type { Tone } from '../../core/bench/rehearsal/arming';

let audio: AudioContext | undefined;
const loudness = 0.08;

/** Sounds a tone of a controller; nothing where the browser has no sound. */
export function playTone({ hertz, seconds }: Tone): void {
  if (typeof AudioContext === 'undefined') return;
  audio ??= new AudioContext();
  const oscillator = audio.createOscillator();
  const gain = audio.createGain();
  oscillator.type = 'square';
  oscillator.frequency.value = hertz;
  gain.gain.value = loudness;
  oscillator.connect(gain).connect(audio.destination);
  oscillator.start();
  oscillator.stop(audio.currentTime + seconds);
}
