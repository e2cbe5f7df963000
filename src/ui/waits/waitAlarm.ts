/** A short double tone, made on the spot: nothing has to be loaded. Silent where the browser lets no page sound yet. */
export function soundAlarm(): void {
  const audio = new AudioContext()
  const beep = (at: number) => {
    const [tone, volume] = [audio.createOscillator(), audio.createGain()]
    tone.frequency.value = 880
    volume.gain.setValueAtTime(0.15, audio.currentTime + at)
    volume.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + at + 0.35)
    tone.connect(volume).connect(audio.destination)
    tone.start(audio.currentTime + at)
    tone.stop(audio.currentTime + at + 0.4)
  }
  beep(0)
  beep(0.5)
  setTimeout(() => void audio.close(), 1500)
}

/** Tells it outside the page as well, where the technician allowed that. */
export function notifyOver(title: string): void {
  if (typeof Notification === 'undefined' || Notification.permission !== 'granted') return
  new Notification('Over', { body: title, tag: title })
}
