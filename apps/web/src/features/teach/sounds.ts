/** The hall's own chime: three soft partials that die away, made by the browser. Frequencies in hertz, seconds. */
const PARTIALS = [
  { hertz: 528, loud: 0.18, lasts: 2.6 },
  { hertz: 1059, loud: 0.06, lasts: 1.4 },
  { hertz: 1590, loud: 0.025, lasts: 0.8 },
] as const;

let context: AudioContext | undefined;

/**
 * Sounds once; where a browser plays nothing before it is touched, nothing.
 *
 * @param rings seconds until the last of it is gone
 */
export function chime(rings: number = PARTIALS[0].lasts): void {
  context ??= new AudioContext();
  void context.resume().catch(() => undefined);
  const now = context.currentTime;
  for (const { hertz, loud, lasts: share } of PARTIALS) {
    const lasts = (share * rings) / PARTIALS[0].lasts;
    const tone = context.createOscillator();
    const volume = context.createGain();
    tone.frequency.value = hertz;
    volume.gain.setValueAtTime(0, now);
    volume.gain.linearRampToValueAtTime(loud, now + 0.02);
    volume.gain.exponentialRampToValueAtTime(0.0001, now + lasts);
    tone.connect(volume).connect(context.destination);
    tone.start(now);
    tone.stop(now + lasts);
  }
}

/** Says something with the browser's own voice, after what it is saying; a count cuts in. */
export function sayAloud(words: string, cutsIn = false): void {
  if (!('speechSynthesis' in window)) return;
  if (cutsIn) window.speechSynthesis.cancel();
  const said = new SpeechSynthesisUtterance(words);
  said.lang = 'en-GB';
  said.rate = 0.95;
  window.speechSynthesis.speak(said);
}

export const beSilent = (): void => {
  if ('speechSynthesis' in window) window.speechSynthesis.cancel();
};
