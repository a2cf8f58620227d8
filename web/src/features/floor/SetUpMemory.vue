<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { SetUp, SetUpView } from '@/shared/api/types'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { setUpLine } from '@/shared/setUp'
import { useCall } from '@/shared/useCall'

/** How was this set up last time? Shown beside the set, changed in one press and remembered for the next. */
const props = defineProps<{ clientId: string; exerciseKey: string; remembered: SetUpView | undefined }>()
const emit = defineEmits<{ kept: [view: SetUpView] }>()
const { problem, busy, run } = useCall()
const open = ref(false)
const fields: { key: keyof SetUp; label: string }[] = [
  { key: 'bench', label: 'Bench or seat, notch' },
  { key: 'pulley', label: 'Pulley or anchor, height' },
  { key: 'pin', label: 'Pin, plates or wraps' },
  { key: 'footMark', label: 'Foot mark' },
  { key: 'depth', label: 'How deep' },
  { key: 'sleeves', label: 'Sleeve, strap or pad' },
  { key: 'cue', label: 'The word that worked' },
  { key: 'note', label: 'Note' },
]
const now = ref<SetUp>({})
watch(
  () => [props.exerciseKey, props.remembered] as const,
  () => {
    now.value = { ...props.remembered?.setUp }
    open.value = false
  },
  { immediate: true },
)
const line = computed(() => setUpLine(props.remembered?.setUp))
async function keep() {
  const path = { clientId: props.clientId, exerciseKey: props.exerciseKey }
  const body = { setUp: now.value, version: props.remembered?.version }
  const kept = await run(() =>
    ask(() => api.PUT('/api/clients/{clientId}/set-ups/{exerciseKey}', { params: { path }, body })),
  )
  if (kept) {
    emit('kept', kept)
    open.value = false
  }
}
</script>

<template>
  <div class="memory">
    <button type="button" class="line" :aria-expanded="open" @click="open = !open">
      <b>Set up:</b>
      {{ line || 'nothing remembered yet' }}
    </button>
    <form v-if="open" class="fields" @submit.prevent="keep">
      <ProblemNotice :problem="problem" />
      <label v-for="f in fields" :key="f.key" :class="{ wide: f.key === 'note' }">
        {{ f.label }}
        <BFormInput v-model="now[f.key]" :maxlength="f.key === 'note' ? 300 : 80" />
      </label>
      <BButton type="submit" variant="primary" :disabled="busy">Remember it</BButton>
    </form>
  </div>
</template>

<style scoped>
.line {
  min-height: 44px;
  padding: 0;
  border: 0;
  border-bottom: 2px dotted var(--line);
  background: none;
  color: var(--ink);
  text-align: left;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
  gap: 0.4rem 0.8rem;
  align-items: end;
  padding: 0.5rem 0;
}
.wide {
  grid-column: 1 / -1;
}
</style>
