<script setup lang="ts">
import { nextTick, onBeforeUnmount, onMounted, ref, useId, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ApiError, ask } from './api/client'
import type { Found } from './api/types'
import { date } from './format'

/** Where is it? One box for clients, exercises, days and notes; the key / opens it from anywhere. */
const router = useRouter()
const q = ref('')
const found = ref<Found[]>([])
const at = ref(0)
const open = ref(false)
const box = ref<HTMLInputElement>()
const list = useId()
const WAIT_MS = 150
let later: ReturnType<typeof setTimeout> | undefined

watch(q, (wanted) => {
  clearTimeout(later)
  later = setTimeout(async () => {
    const answer = await search(wanted)
    if (wanted !== q.value) return // typed on meanwhile: that is asked for itself
    found.value = answer
    at.value = 0
    open.value = true
  }, WAIT_MS)
})
/** Nothing where the server is away: whatever is opened next says so. */
async function search(wanted: string): Promise<Found[]> {
  try {
    return await ask(() => api.GET('/api/search', { params: { query: { q: wanted } } }))
  } catch (e) {
    if (!(e instanceof ApiError)) throw e
    return []
  }
}
const kinds = { CLIENT: 'client', EXERCISE: 'exercise', SESSION: 'session' }
const to = (f: Found) =>
  f.kind === 'CLIENT' ? `/clients/${f.id}` : f.kind === 'EXERCISE' ? `/exercises/${f.key}` : `/sessions/${f.id}`

function go(f: Found | undefined) {
  if (!f) return
  open.value = false
  q.value = ''
  found.value = []
  box.value?.blur()
  void router.push(to(f))
}
function keys(e: KeyboardEvent) {
  const move = e.key === 'ArrowDown' ? 1 : e.key === 'ArrowUp' ? -1 : 0
  if (move && found.value.length) {
    at.value = (at.value + move + found.value.length) % found.value.length
    e.preventDefault()
  }
  if (e.key === 'Enter') go(found.value[at.value])
  if (e.key === 'Escape') {
    open.value = false
    box.value?.blur()
  }
}
function slash(e: KeyboardEvent) {
  const typing = (e.target as HTMLElement).closest?.('input, textarea, select, [contenteditable]')
  if (e.key !== '/' || e.ctrlKey || e.metaKey || e.altKey || typing) return
  e.preventDefault()
  void nextTick(() => box.value?.focus())
}
onMounted(() => document.addEventListener('keydown', slash))
onBeforeUnmount(() => {
  clearTimeout(later)
  document.removeEventListener('keydown', slash)
})
</script>

<template>
  <div class="search" role="search">
    <input
      ref="box"
      v-model="q"
      type="search"
      class="form-control"
      placeholder="Search  /"
      aria-label="Search clients, exercises, days and notes"
      role="combobox"
      autocomplete="off"
      :aria-expanded="open && found.length > 0"
      :aria-controls="list"
      :aria-activedescendant="open && found.length ? `${list}-${at}` : undefined"
      @keydown="keys"
      @focus="open = true"
      @blur="open = false"
    />
    <ul v-show="open && q.trim().length > 1" :id="list" role="listbox" aria-label="Found">
      <li
        v-for="(f, i) in found"
        :id="`${list}-${i}`"
        :key="`${f.kind} ${f.id ?? f.key}`"
        role="option"
        :aria-selected="i === at"
        @mousedown.prevent="go(f)"
      >
        <span>{{ f.name }}{{ f.on ? `, ${date(f.on)}` : '' }}</span>
        <span class="quiet small">{{ f.about || kinds[f.kind] }}</span>
      </li>
      <li v-if="!found.length" role="option" aria-selected="false" aria-disabled="true" class="quiet">Nothing found</li>
    </ul>
  </div>
</template>

<style scoped>
.search {
  position: relative;
  width: 11rem;
}
input {
  min-height: 2rem;
  padding: 0.1rem 0.6rem;
}
ul {
  position: absolute;
  z-index: 20;
  right: 0;
  top: 100%;
  width: min(24rem, 90vw);
  margin: 0.2rem 0 0;
  padding: 0.3rem;
  list-style: none;
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: 8px;
}
li {
  display: grid;
  padding: 0.3rem 0.5rem;
  border-radius: 6px;
  cursor: pointer;
}
@media (max-width: 600px) {
  .search {
    width: 6.5rem;
  }
}
li[aria-selected='true'] {
  background: color-mix(in srgb, var(--tide) 14%, var(--card));
}
</style>
