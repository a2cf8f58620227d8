<script setup lang="ts">
import { ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { KeyedLimit, LimitsView } from '@/shared/api/types'
import ChoiceGroup from '@/shared/ChoiceGroup.vue'
import { limitWords } from '@/shared/limits'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import TextField from '@/shared/TextField.vue'
import { useCall } from '@/shared/useCall'

/** Loosens or lifts one limit: by a clinician's note, or by the trainer for one session. Both are on the record. */
const props = defineProps<{ clientId: string; keyed: KeyedLimit }>()
const emit = defineEmits<{ done: [limits: LimitsView]; cancel: [] }>()
const { busy, problem, run, wrong } = useCall()
const id = crypto.randomUUID()
const kind = ref<'CLINICIAN_NOTE' | 'OVERRIDE'>('CLINICIAN_NOTE')
const value = ref<string | number | undefined>('')
const why = ref<string | number | undefined>('')
const clinician = ref<string | number | undefined>('')
const until = ref<string | number | undefined>('')
const numbered = props.keyed.limit.value !== undefined

async function save() {
  const note = kind.value === 'CLINICIAN_NOTE'
  const limits = await run(() =>
    ask(() =>
      api.PUT('/api/clients/{clientId}/limit-changes/{id}', {
        params: { path: { clientId: props.clientId, id } },
        body: {
          kind: kind.value,
          limitKey: props.keyed.key,
          value: value.value === '' || value.value === undefined ? undefined : Number(value.value),
          why: String(why.value ?? ''),
          clinician: note ? String(clinician.value ?? '') : undefined,
          until: note && until.value ? String(until.value) : undefined,
        },
      }),
    ),
  )
  if (limits) emit('done', limits)
}
</script>

<template>
  <form class="change" novalidate @submit.prevent="save">
    <p class="mb-2">
      <strong>{{ limitWords(keyed.limit) }}</strong>
    </p>
    <ChoiceGroup
      v-model="kind"
      label="On whose word"
      :options="[
        { value: 'CLINICIAN_NOTE' as const, text: 'a clinician’s note' },
        { value: 'OVERRIDE' as const, text: 'mine, for one session' },
      ]"
    />
    <TextField
      v-if="numbered"
      v-model="value"
      type="number"
      label="New value (empty lifts it)"
      :wrong="wrong('value')"
    />
    <TextField v-if="kind === 'CLINICIAN_NOTE'" v-model="clinician" label="Whose note" :wrong="wrong('clinician')" />
    <TextField
      v-if="kind === 'CLINICIAN_NOTE'"
      v-model="until"
      type="date"
      label="Holds until (empty: the day it is looked at again)"
      :wrong="wrong('until')"
    />
    <TextField
      v-model="why"
      :label="kind === 'OVERRIDE' ? 'Why, in a few words; it is kept with your name' : 'What the note says'"
      :wrong="wrong('why')"
    />
    <ProblemNotice :problem="problem" />
    <BButton type="submit" variant="primary" :disabled="busy">Record it</BButton>
    <BButton variant="outline-primary" class="ms-2" @click="$emit('cancel')">Leave it as it is</BButton>
  </form>
</template>

<style scoped>
.change {
  border-left: 4px solid var(--tide);
  padding: 0.6rem 1rem;
  margin: 0.5rem 0;
  max-width: 34rem;
}
</style>
