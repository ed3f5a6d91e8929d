/** A short tone, or the long one at the end. A device without sound counts in silence. */
export function tone(long: boolean) {
  try {
    const sound = new AudioContext();
    const voice = sound.createOscillator();
    const loud = sound.createGain();
    voice.frequency.value = long ? 660 : 880;
    loud.gain.value = 0.2;
    voice.connect(loud).connect(sound.destination);
    voice.start();
    voice.stop(sound.currentTime + (long ? 1.2 : 0.18));
    voice.onended = () => void sound.close();
  } catch {
    // The figures count all the same.
  }
}
