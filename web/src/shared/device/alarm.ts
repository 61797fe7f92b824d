/** Rings so that it is heard and felt in a pocket; where a device can do neither, it stays still. */
export function ring(times: number): void {
  // Phones without a motor, and all of one maker, know no vibration.
  if ('vibrate' in navigator) navigator.vibrate(Array.from({ length: times * 2 - 1 }, (_, index) => (index % 2 === 0 ? 220 : 120))) // prettier-ignore
  if (typeof AudioContext === 'undefined') return
  const sound = new AudioContext()
  for (let index = 0; index < times; index += 1) {
    const tone = sound.createOscillator()
    const loudness = sound.createGain()
    tone.frequency.value = 880
    loudness.gain.value = 0.4
    tone.connect(loudness).connect(sound.destination)
    tone.start(sound.currentTime + index * 0.34)
    tone.stop(sound.currentTime + index * 0.34 + 0.22)
    if (index === times - 1) tone.onended = () => void sound.close()
  }
}
