let context: AudioContext | null = null;

/** Browsers let a page sound only after it was touched: the first touch of a run opens the way. */
export function readyToRing() {
  context ??= "AudioContext" in window ? new AudioContext() : null;
  void context?.resume();
}

/** Two soft tones and a short buzz. */
export function ring() {
  navigator.vibrate?.([120, 80, 120]);
  if (context?.state !== "running") {
    return;
  }
  for (const [tone, after] of [
    [523, 0],
    [659, 0.35],
  ] as const) {
    const voice = context.createOscillator();
    const loudness = context.createGain();
    const from = context.currentTime + after;
    voice.frequency.value = tone;
    loudness.gain.setValueAtTime(0, from);
    loudness.gain.linearRampToValueAtTime(0.12, from + 0.05);
    loudness.gain.exponentialRampToValueAtTime(0.001, from + 0.9);
    voice.connect(loudness).connect(context.destination);
    voice.start(from);
    voice.stop(from + 1);
  }
}
