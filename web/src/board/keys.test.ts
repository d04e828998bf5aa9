import { describe, expect, it } from 'vitest'
import { wishOf } from './keys'

const at = (markup: string): Element => {
  document.body.innerHTML = markup
  return document.body.querySelector('[data-here]')!
}

function pressed(init: KeyboardEventInit, markup = '<p data-here></p>'): ReturnType<typeof wishOf> {
  const event = new KeyboardEvent('keydown', init)
  Object.defineProperty(event, 'target', { value: at(markup) })
  return wishOf(event)
}

describe('a key on the Board', () => {
  it.each([
    ['Space', 'next'],
    ['ArrowRight', 'next'],
    ['PageDown', 'next'],
    ['ArrowLeft', 'back'],
    ['PageUp', 'back'],
    ['KeyB', 'blank'],
    ['KeyF', 'project'],
    ['Equal', 'nearer'],
    ['Digit0', 'whole'],
  ])('%s means %s', (code, wish) => {
    expect(pressed({ code })).toBe(wish)
  })

  it('undoes and redoes with control or command', () => {
    expect(pressed({ code: 'KeyZ', ctrlKey: true })).toBe('undo')
    expect(pressed({ code: 'KeyZ', metaKey: true, shiftKey: true })).toBe('redo')
    expect(pressed({ code: 'KeyB', ctrlKey: true })).toBeNull()
  })

  it('is left to the field, the dialog or the button that has the focus', () => {
    expect(pressed({ code: 'Space' }, '<input data-here />')).toBeNull()
    expect(pressed({ code: 'KeyB' }, '<div role="dialog"><p data-here></p></div>')).toBeNull()
    expect(pressed({ code: 'Space' }, '<button><b data-here></b></button>')).toBeNull()
    expect(pressed({ code: 'ArrowRight' }, '<input type="radio" data-here />')).toBeNull()
    expect(pressed({ code: 'ArrowRight' }, '<button data-here></button>')).toBe('next')
    expect(pressed({ code: 'Space' }, '<input type="checkbox" data-here />')).toBeNull()
  })

  it.each([
    '<input data-here />',
    '<textarea data-here></textarea>',
    '<select data-here></select>',
    '<button data-here></button>',
    '<div role="dialog"><input type="checkbox" data-here /></div>',
    '<a href="#" data-here></a>',
  ])('of a clicker steps wherever the focus is (%#)', (markup) => {
    expect(pressed({ code: 'PageDown' }, markup)).toBe('next')
    expect(pressed({ code: 'PageUp' }, markup)).toBe('back')
  })
})
