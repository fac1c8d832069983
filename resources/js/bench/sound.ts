/** Short tones, one after the other. Browsers allow sound only after a touch or a key; at the bench there was one. */
export function tones(count: number, hertz: number, apartS: number): void {
  try {
    const audio = new AudioContext();
    for (let i = 0; i < count; i++) {
      const tone = audio.createOscillator();
      const gain = audio.createGain();
      tone.frequency.value = hertz;
      gain.gain.value = 0.25;
      tone.connect(gain).connect(audio.destination);
      tone.start(audio.currentTime + i * apartS);
      tone.stop(audio.currentTime + i * apartS + Math.min(0.18, apartS / 2));
    }
    setTimeout(() => void audio.close(), (count * apartS + 1) * 1000);
  } catch {
    // No sound device: the screen says it all the same.
  }
}
