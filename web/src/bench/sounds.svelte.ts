/** Soft sounds at the Bench: a pencil that touches paper, a mark that comes. Off until somebody wants them; kept on the device. */
import { keepHere, readKept } from '../shared/kept'

type Sound = 'pencil' | 'right' | 'notYet'

const key = 'jaunty-sounds'
/** Loudness, of 1: below a voice in a quiet room. */
const loudness = 0.05

/** Notes of a sound: what is heard, in Hz, when it begins and how long it lasts, in seconds. */
const notes: Record<Sound, [frequency: number, at: number, lasts: number][]> = {
  pencil: [[1400, 0, 0.04]],
  right: [
    [523, 0, 0.16],
    [784, 0.12, 0.28],
  ],
  notYet: [[330, 0, 0.25]],
}

class Sounds {
  #on = $state(readKept(key) === true)
  #context: AudioContext | null = null

  get on(): boolean {
    return this.#on
  }
  set on(wanted: boolean) {
    this.#on = wanted
    keepHere(key, wanted)
    if (wanted) this.play('right')
  }

  play(sound: Sound): void {
    if (!this.#on) return
    try {
      const context = (this.#context ??= new AudioContext())
      for (const [frequency, at, lasts] of notes[sound]) {
        const from = context.currentTime + at
        const note = new OscillatorNode(context, { frequency, type: 'sine' })
        const gain = new GainNode(context, { gain: 0 })
        gain.gain.linearRampToValueAtTime(loudness, from + 0.015)
        gain.gain.exponentialRampToValueAtTime(0.0001, from + lasts)
        note.connect(gain).connect(context.destination)
        note.start(from)
        note.stop(from + lasts)
      }
    } catch {
      // A device without sound works just as well.
    }
  }
}

export const sounds = new Sounds()
