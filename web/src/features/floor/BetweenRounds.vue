<script setup lang="ts">
import { onBeforeUnmount, onMounted, ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { RoundAdvice, SessionView } from '@/shared/api/types'
import { inUnits } from '@/shared/format'
import RestRing from './RestRing.vue'

/** Between two rounds of a circuit: pulse from the strap or counted, or how hard it was, and what that says of the next round. */
const props = defineProps<{
  session: SessionView
  letter: string
  round: number
  restEnds: number | null
  restSeconds: number
}>()
const emit = defineEmits<{ note: [text: string]; goOn: [] }>()
const aim = props.session.between.aim
const pulse = ref<number>()
const worn = ref(false)
const touching = ref(false)
const typed = ref<number>()
const advice = ref<RoundAdvice>()
const EFFORTS = [4, 5, 6, 7, 8, 9, 10]
const EVERY_MS = 1000
let timer = 0

async function look() {
  const strap = await ask(() => api.GET('/api/strap')).catch(() => undefined)
  worn.value = strap?.worn ?? false
  touching.value = strap?.pulse !== undefined
  if (strap?.pulse) pulse.value = strap.pulse
}
onMounted(() => {
  if (!aim) return
  void look()
  timer = window.setInterval(look, EVERY_MS)
})
onBeforeUnmount(() => clearInterval(timer))

async function take(found: { pulse?: number; effort?: number }) {
  clearInterval(timer)
  const params = { path: { id: props.session.id } }
  const body = { unit: props.letter, round: props.round, ...found }
  const said = found.pulse === undefined ? `effort ${found.effort}` : `pulse ${found.pulse}`
  emit('note', `After round ${props.round}: ${said}`)
  // Without a connection the round simply goes on.
  advice.value = await ask(() => api.POST('/api/sessions/{id}/rounds', { params, body })).catch(() => undefined)
}
</script>

<template>
  <section class="between" aria-label="Between rounds">
    <p class="quiet mb-0">Round {{ round }} is over</p>
    <div class="d-flex align-items-center gap-4">
      <RestRing :ends="restEnds" :total="restSeconds" />
      <h1 v-if="aim" class="pulse">
        {{ typed ?? pulse ?? '–' }}
        <small>pulse, aim {{ aim.low }}–{{ aim.high }}</small>
      </h1>
      <h1 v-else>How hard was the round?</h1>
    </div>
    <p v-if="advice" class="fs-4" role="status">{{ inUnits(advice.reason.exact, session.units) }}</p>
    <template v-else-if="aim">
      <p class="quiet">
        {{
          worn
            ? touching
              ? 'From the strap.'
              : 'The strap has lost touch: the last it said, or count by hand.'
            : 'No strap is worn: count by hand.'
        }}
      </p>
      <div class="d-flex flex-wrap gap-2">
        <label>
          counted
          <BFormInput v-model.number="typed" type="number" min="30" max="220" inputmode="numeric" />
        </label>
        <BButton
          variant="primary"
          size="lg"
          class="big"
          :disabled="!(typed ?? pulse)"
          @click="take({ pulse: typed ?? pulse })"
        >
          Take this pulse
        </BButton>
      </div>
    </template>
    <div v-else class="effort" role="group" aria-label="How hard was the round, of 10">
      <button v-for="e in EFFORTS" :key="e" type="button" @click="take({ effort: e })">{{ e }}</button>
    </div>
    <p v-if="session.between.water" class="mb-0">{{ session.between.water.plain }}</p>
    <BButton :variant="advice ? 'primary' : 'outline-primary'" size="lg" class="big" @click="emit('goOn')">
      Next round
    </BButton>
  </section>
</template>

<style scoped>
.between {
  flex: 1;
  display: flex;
  flex-direction: column;
  gap: 1rem;
  justify-content: center;
  max-width: 46rem;
  width: 100%;
  margin: 0 auto;
}
.pulse {
  font-size: 5rem;
  line-height: 1;
}
.pulse small {
  display: block;
  font-size: 1.1rem;
  font-weight: 400;
  color: var(--quiet);
}
input {
  width: 7rem;
  min-height: 48px;
  font-size: 1.3rem;
}
.big {
  min-height: 4rem;
}
.effort {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.effort button {
  width: 56px;
  height: 56px;
  border: 2px solid var(--tide);
  border-radius: 6px;
  background: var(--card);
  color: var(--tide);
  font-size: 1.4rem;
}
</style>
