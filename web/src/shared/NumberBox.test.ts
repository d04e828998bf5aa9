import { fireEvent, render, screen } from '@testing-library/svelte'
import { expect, it, vi } from 'vitest'
import NumberBox from './NumberBox.svelte'

it('takes a comma, keeps what fits, and steps with the arrows', async () => {
  const onchange = vi.fn()
  render(NumberBox, { labelText: 'Tilt', value: 5, min: 0, max: 10, step: 0.5, onchange })
  const box = screen.getByLabelText<HTMLInputElement>('Tilt')
  expect(box.value).toBe('5')
  await fireEvent.input(box, { target: { value: '2,5' } })
  expect(onchange).toHaveBeenLastCalledWith(2.5)
  await fireEvent.keyDown(box, { code: 'ArrowUp' })
  expect(onchange).toHaveBeenLastCalledWith(3)
  await fireEvent.input(box, { target: { value: '11' } })
  expect(onchange).toHaveBeenLastCalledWith(3)
  expect(box.getAttribute('aria-invalid')).toBe('true')
  await fireEvent.input(box, { target: { value: '' } })
  expect(onchange).toHaveBeenCalledTimes(2)
})
