<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { CouldHave } from '@/shared/api/types'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { useCall } from '@/shared/useCall'
import WhyValue from '@/shared/WhyValue.vue'
import FoldPart from '@/shared/FoldPart.vue'

/** What the place could have: which small thing, bought or brought, would help most clients here? */
const props = defineProps<{ placeId: string }>()
const { problem, busy, run } = useCall()
const answer = ref<CouldHave | null>(null)

watch(
  () => props.placeId,
  () => (answer.value = null),
)
/** Steps that are the same for several exercises, once. */
function together(steps: CouldHave['wishes'][number]['gains'][number]['steps']) {
  const same = new Map<string, string[]>()
  for (const s of steps) {
    const words = `From ${s.from} to ${s.then} in place of ${s.now}`
    same.set(words, [...(same.get(words) ?? []), s.exercise])
  }
  return [...same].map(([words, exercises]) => ({ words, exercises }))
}
async function look() {
  answer.value =
    (await run(() => ask(() => api.GET('/api/places/{id}/could-have', { params: { path: { id: props.placeId } } })))) ??
    null
}
</script>

<template>
  <section class="panel">
    <h2>What it could have</h2>
    <ProblemNotice :problem="problem" />
    <template v-if="answer">
      <p v-if="!answer.clients.length" class="mb-1">Nobody who trains here can be planned for now.</p>
      <p v-else-if="!answer.wishes.length" class="mb-1">Nothing small would open anything more here.</p>
      <div v-for="w in answer.wishes" :key="w.thing" class="mb-2">
        <strong>
          <WhyValue :reason="w.reason" :about="w.thing">{{ w.reason.exact }}</WhyValue>
        </strong>
        <FoldPart title="Which, for whom" small>
          <div v-for="g in w.gains" :key="g.name" class="mt-1">
            <span class="name">{{ g.name }}</span>
            <div v-if="g.exercises.length">{{ g.exercises.join(' · ') }}</div>
            <div v-for="s in together(g.steps)" :key="s.words" class="quiet">
              {{ s.words }}: {{ s.exercises.join(' · ') }}
            </div>
          </div>
        </FoldPart>
      </div>
      <p v-if="answer.clients.length" class="small quiet mb-0">
        Worked out for {{ answer.clients.join(', ') }}, as the place is stored.
        <template v-if="answer.notCounted.length">Not for {{ answer.notCounted.join(', ') }}: on hold.</template>
      </p>
    </template>
    <BButton v-else variant="outline-primary" :disabled="busy" @click="look">
      {{ busy ? 'Working it out …' : 'What would help most here?' }}
    </BButton>
  </section>
</template>

<style scoped>
.name {
  font-weight: 650;
}
summary {
  min-height: 1.8rem;
  color: var(--tide);
}
</style>
