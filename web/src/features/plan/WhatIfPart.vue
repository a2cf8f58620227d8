<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { Composition, Difference } from '@/shared/api/types'
import { inUnits } from '@/shared/format'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { units } from '@/shared/units'
import { useCall } from '@/shared/useCall'
import FoldPart from '@/shared/FoldPart.vue'

/** Is it worth asking for more time, for a clearance, or for a thing this room lacks? */
const props = defineProps<{ clientId: string; composition: Composition }>()
const { problem, busy, run } = useCall()
const answers = ref<Difference[]>([])
const open = ref(false)

async function load() {
  if (!open.value) return
  const body = { clientId: props.clientId, composition: props.composition }
  const found = await run(() => ask(() => api.POST('/api/plan/what-if', { body })))
  if (found) answers.value = found.answers
}
watch(
  () => props.composition,
  () => void load(),
)
function opened() {
  open.value = true
  void load()
}
</script>

<template>
  <FoldPart title="What would change this session?" class="panel" @opened="opened">
    <ProblemNotice :problem="problem" />
    <p v-if="busy && !answers.length" class="quiet my-2">Asking the planner …</p>
    <dl class="mt-2 mb-0" :class="{ asking: busy }">
      <div v-for="a in answers" :key="a.change" :class="{ quiet: a.same }">
        <dt>{{ inUnits(a.change, units) }}</dt>
        <dd>{{ inUnits(a.then, units) }}</dd>
      </div>
    </dl>
  </FoldPart>
</template>

<style scoped>
dl > div {
  display: grid;
  grid-template-columns: minmax(9rem, 16rem) 1fr;
  gap: 0.2rem 0.8rem;
  padding: 0.25rem 0;
}
dl > div + div {
  border-top: 1px solid color-mix(in srgb, var(--line) 45%, transparent);
}
dt {
  font-weight: 650;
}
.quiet dt {
  font-weight: 400;
}
dd {
  margin: 0;
}
.asking {
  opacity: 0.6;
}
@media (max-width: 40rem) {
  dl > div {
    grid-template-columns: 1fr;
  }
}
</style>
