<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { Clearance, Side, Site } from '@/shared/api/types'
import ChoiceGroup from '@/shared/ChoiceGroup.vue'
import { words } from '@/shared/format'
import NumberField from '@/shared/NumberField.vue'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import SelectField from '@/shared/SelectField.vue'
import TextField from '@/shared/TextField.vue'
import { useCall } from '@/shared/useCall'
import { sites } from '@/shared/sites'
import { purposes } from './purposes'

/** Records what a licensed clinician allowed. */
const props = defineProps<{ clientId: string; today: string }>()
const emit = defineEmits<{ done: [] }>()
const { busy, problem, run, wrong } = useCall()
let id = crypto.randomUUID()
const purpose = ref<Clearance['purpose']>('EXERCISE')
const place = ref('')
const givenBy = ref<string | number | undefined>('')
const givenOn = ref<string | number | undefined>(props.today)
const expiresOn = ref<string | number | undefined>('')
const conditions = ref<string | number | undefined>('')
const strength = ref<Clearance['strength']>()
const largestEffort = ref<number>()
const strengths = [
  { value: 'LIGHT' as const, text: 'light (effort to 5)' },
  { value: 'MODERATE' as const, text: 'moderate (effort to 6)' },
  { value: 'VIGOROUS' as const, text: 'vigorous' },
]
const both = ['RIGHT', 'LEFT'] as Side[]
const places = computed(() =>
  purpose.value === 'ARM'
    ? both.map((s) => ({ value: s as string, text: `${words(s)} arm` }))
    : sites.flatMap((site) =>
        both.map((side) => ({ value: `${side} ${site}`, text: `${words(side)} ${words(site)}` })),
      ),
)
const placed = computed(() => purpose.value === 'ARM' || purpose.value === 'PLACE')

async function save() {
  const [side, site] = placed.value && place.value ? (place.value.split(' ') as [Side, Site?]) : [undefined, undefined]
  const kept = await run(() =>
    ask(() =>
      api.PUT('/api/clients/{clientId}/clearances/{id}', {
        params: { path: { clientId: props.clientId, id } },
        body: {
          purpose: purpose.value,
          givenBy: String(givenBy.value ?? ''),
          givenOn: String(givenOn.value ?? '') || props.today,
          expiresOn: String(expiresOn.value ?? ''),
          conditions: String(conditions.value ?? ''),
          strength: strength.value,
          largestEffort: largestEffort.value,
          side,
          site,
        },
      }),
    ),
  )
  if (!kept) return
  id = crypto.randomUUID()
  givenBy.value = conditions.value = expiresOn.value = place.value = ''
  strength.value = largestEffort.value = undefined
  emit('done')
}
</script>

<template>
  <form novalidate @submit.prevent="save">
    <SelectField v-model="purpose" label="What it clears" :options="purposes" />
    <SelectField
      v-if="placed"
      v-model="place"
      label="Where"
      empty="choose"
      :options="places"
      :wrong="wrong('site') ?? wrong('side')"
    />
    <TextField v-model="givenBy" label="Given by" :wrong="wrong('givenBy')" help="Name and role, as on the letter." />
    <div class="two">
      <TextField v-model="givenOn" type="date" label="Given on" :wrong="wrong('givenOn')" />
      <TextField v-model="expiresOn" type="date" label="Holds until" :wrong="wrong('expiresOn')" />
    </div>
    <ChoiceGroup v-model="strength" label="How hard, as the letter says (may stay open)" :options="strengths" />
    <NumberField v-model="largestEffort" label="Effort at most, if it names one" :wrong="wrong('largestEffort')" />
    <TextField v-model="conditions" label="Conditions, in their words" :wrong="wrong('conditions')" />
    <p class="small quiet">
      Conditions stand word for word beside limits and plans. Those that are limits of position, such as “to 90
      degrees”, are added on the limits page as well, so that plans keep them.
    </p>
    <ProblemNotice :problem="problem" />
    <BButton type="submit" variant="primary" :disabled="busy">Record the clearance</BButton>
  </form>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 1rem;
}
</style>
