import { fireEvent, render, screen } from '@testing-library/svelte'
import { expect, it, vi } from 'vitest'
import RulesForm from './RulesForm.svelte'

it('keeps words with the language that they are words of, and begins anew with another', async () => {
  const onchoose = vi.fn()
  render(RulesForm, { rules: {}, trust: [], submit: 'Go', onchoose })
  const pick = (label: string, value: string): Promise<boolean> =>
    fireEvent.change(screen.getByLabelText(label), { target: { value } })
  await pick('A side of an angle', 'ray')
  await fireEvent.click(screen.getByRole('button', { name: 'Go' }))
  expect(onchoose).toHaveBeenLastCalledWith({ language: 'en', words: { arm: 'ray' } })
  await pick('Language of this class', 'es')
  await pick('A side of an angle', 'semirrecta')
  await fireEvent.click(screen.getByRole('button', { name: 'Go' }))
  expect(onchoose).toHaveBeenLastCalledWith({ language: 'es', words: { arm: 'semirrecta' } })
})
