import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { defineComponent, h, nextTick, ref } from 'vue'
import MethodForm from './MethodForm.vue'
import { blank } from './methodText'

/** The form in a page that holds its text, as the page does. */
function page(fresh: boolean) {
  const text = ref(blank)
  const form = mount(
    defineComponent({
      setup: () => () =>
        h(MethodForm, { modelValue: text.value, fresh, 'onUpdate:modelValue': (v: string) => (text.value = v) }),
    }),
  )
  const fill = async (label: string, value: string) => {
    const id = form
      .findAll('label')
      .find((l) => l.text() === label)!
      .attributes('for')
    await form.find(`[id="${id}"]`).setValue(value)
    await nextTick()
  }
  return { text, form, fill }
}

describe('the fields of a method', () => {
  it('give a new one its name and the key of it, and keep the key of one that is known', async () => {
    const { text, fill } = page(true)
    await fill('Name', 'Slow pairs')
    expect(text.value).toContain('name: Slow pairs')
    expect(text.value).toContain('key: slow-pairs')
    const known = page(false)
    await known.fill('Name', 'Slow pairs')
    expect(known.text.value).toContain('name: Slow pairs')
    expect(known.text.value).toContain('key: our-way')
  })
  it('take pairs of numbers: both ends begin alike, what is needed never goes', async () => {
    const { text, fill } = page(true)
    await fill('Repetitions, from', '8')
    expect(text.value).toContain('reps: [8, 8]')
    await fill('Repetitions, from', '')
    expect(text.value).not.toContain('reps')
    await fill('Rounds, fewest', '')
    expect(text.value).toContain('rounds: [1, 3]')
    await fill('at least', '0')
    expect(text.value).toContain('count: [0, 1]')
  })
})
