/** Tests of the pages read them in English, whichever room they are of. */
import bench from 'virtual:said/bench'
import board from 'virtual:said/board'
import desk from 'virtual:said/desk'
import door from 'virtual:said/door'
import { speak } from './said.svelte'

const rooms = (await Promise.all([bench, board, desk, door].map((each) => each.en!()))).map(
  (room) => room.default,
)
await speak(['en'], {
  en: () =>
    Promise.resolve({
      default: { ...rooms[0]!, messages: Object.assign({}, ...rooms.map((room) => room.messages)) },
    }),
})
