<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { PressureView } from '@/shared/api/types'
import ChoiceGroup from '@/shared/ChoiceGroup.vue'
import NumberField from '@/shared/NumberField.vue'
import { yesNo } from '@/shared/options'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { useCall } from '@/shared/useCall'

/** Pressure and pulse before the visit, of those for whom they are read each time: decides whether anything is planned today. */
const props = defineProps<{ clientId: string }>()
const emit = defineEmits<{ open: [boolean] }>()
const { busy, problem, run, wrong } = useCall()
const view = ref<PressureView>()
const systolic = ref<number>()
const diastolic = ref<number>()
const pulse = ref<number>()
const quiet = ref<number>()
const irregular = ref<boolean>()
let id = crypto.randomUUID()
const path = () => ({ clientId: props.clientId })
const again = computed(() => view.value?.missing.find((m) => /^A (second|third) reading/.test(m)))
const asked = computed(() => view.value !== undefined && (view.value.due || again.value !== undefined))

function show(answer?: PressureView) {
  if (!answer) return
  view.value = answer
  emit('open', asked.value)
}
onMounted(async () =>
  show(await run(() => ask(() => api.GET('/api/clients/{clientId}/readings', { params: { path: path() } })))),
)

async function keep() {
  const kept = await run(() =>
    ask(() =>
      api.PUT('/api/clients/{clientId}/readings/{id}', {
        params: { path: { ...path(), id } },
        body: {
          systolic: systolic.value,
          diastolic: diastolic.value,
          pulse: pulse.value,
          newlyIrregular: irregular.value,
          quietMinutes: quiet.value,
        },
      }),
    ),
  )
  if (!kept) return
  id = crypto.randomUUID()
  systolic.value = diastolic.value = pulse.value = quiet.value = irregular.value = undefined
  show(kept)
}
</script>

<template>
  <fieldset v-if="asked" class="reading">
    <legend class="fs-6">Blood pressure before we start</legend>
    <p class="mb-2">
      {{ again ?? 'No reading of the last 7 days. Sitting, after five quiet minutes; nothing is planned before one.' }}
    </p>
    <div class="fields">
      <NumberField v-model="systolic" label="upper, mmHg" :wrong="wrong('systolic')" />
      <NumberField v-model="diastolic" label="lower, mmHg" :wrong="wrong('diastolic')" />
      <NumberField v-model="pulse" label="pulse a minute" :wrong="wrong('pulse')" />
      <NumberField v-model="quiet" label="quiet minutes before" :wrong="wrong('quietMinutes')" />
      <ChoiceGroup v-if="pulse" v-model="irregular" label="Newly irregular" :options="yesNo" />
    </div>
    <ProblemNotice :problem="problem" />
    <BButton variant="outline-primary" :disabled="busy || !systolic || !diastolic" @click="keep">
      Keep this reading
    </BButton>
  </fieldset>
  <p v-else-if="view?.today.length" class="quiet" role="status">
    Read today: {{ view.today.map((r) => `${r.systolic}/${r.diastolic}`).join(', then ') }}.
  </p>
</template>

<style scoped>
.reading {
  border-left: 6px solid var(--tide);
  padding-left: 0.9rem;
  margin-bottom: 1.2rem;
}
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(7rem, 11rem));
  gap: 0 1rem;
  align-items: end;
}
</style>
