import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { h } from 'vue'
import { numbers, strays } from './equipment'
import NumberLine from './NumberLine.vue'

describe('a line of numbers', () => {
  it('is read in order, each once, however it is parted', () => {
    expect(numbers('5, 2.5  1;5')).toEqual([1, 2.5, 5])
    expect(numbers('')).toEqual([])
  })
  it('names what is no number and keeps the rest', () => {
    expect(numbers('1, two, 3')).toEqual([1, 3])
    expect(strays('1, two, 3')).toEqual(['two'])
  })
  it('says so at the field', async () => {
    const BFormInput = {
      props: ['modelValue'],
      emits: ['update:modelValue'],
      setup:
        (p: { modelValue: string }, { emit }: { emit: (e: string, v: string) => void }) =>
        () =>
          h('input', {
            value: p.modelValue,
            onInput: (e: Event) => emit('update:modelValue', (e.target as HTMLInputElement).value),
          }),
    }
    const w = mount(NumberLine, {
      props: { modelValue: [1, 2], label: 'Dumbbells' },
      global: { stubs: { BFormInput: BFormInput as never } },
    })
    expect((w.get('input').element as HTMLInputElement).value).toBe('1, 2')
    await w.get('input').setValue('1, 2, heavy')
    expect(w.text()).toContain('“heavy” is not a number')
    await w.get('input').setValue('4 1')
    expect(w.emitted('update:modelValue')!.at(-1)).toEqual([[1, 4]])
  })
})
