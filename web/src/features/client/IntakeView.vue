<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { ClientDetails, ClientView, ScreenQuestions } from '@/shared/api/types'
import ChoiceGroup from '@/shared/ChoiceGroup.vue'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import TextField from '@/shared/TextField.vue'
import { useCall } from '@/shared/useCall'
import { useDraft } from '@/shared/useDraft'
import CautionList from './CautionList.vue'
import { emptyIntake, fromDetails, toDetails, type Intake } from './intake'

const props = defineProps<{ id?: string }>()
const router = useRouter()
const { busy, problem, run, wrong } = useCall()
const { draft, clear, restored } = useDraft<Intake>(`kinesia.intake.${props.id ?? 'new'}`, emptyIntake())
const places = ref<{ id: string; name: string }[]>([])
const questions = ref<ScreenQuestions | null>(null)
const theirs = computed(() =>
  problem.value?.status === 409 ? (problem.value.current as ClientView | undefined) : undefined,
)

onMounted(async () => {
  const loaded = await run(() =>
    Promise.all([
      ask(() => api.GET('/api/places')),
      ask(() => api.GET('/api/screening/questions')),
      props.id ? ask(() => api.GET('/api/clients/{id}', { params: { path: { id: props.id! } } })) : undefined,
    ]),
  )
  if (!loaded) return
  places.value = loaded[0]
  questions.value = loaded[1]
  if (loaded[2] && !restored) draft.value = fromDetails(loaded[2])
})

async function save() {
  const details = toDetails(draft.value) as ClientDetails
  const saved = await run(() =>
    ask(() =>
      api.PUT('/api/clients/{id}', {
        params: { path: { id: draft.value.id } },
        body: { version: draft.value.version, details },
      }),
    ),
  )
  if (saved) {
    clear()
    await router.push(props.id ? `/clients/${saved.id}` : `/clients/${saved.id}/screen`)
  }
}

function takeTheirs() {
  if (theirs.value) draft.value = fromDetails(theirs.value)
  problem.value = null
}
async function keepMine() {
  if (theirs.value) draft.value.version = theirs.value.version
  await save()
}
</script>

<template>
  <form class="page" novalidate @submit.prevent="save">
    <h1 class="mb-3">{{ id ? 'What we know of this client' : 'Add a client' }}</h1>
    <div class="columns">
      <section class="panel">
        <h2>Person</h2>
        <TextField v-model="draft.name" label="Name" :wrong="wrong('name')" />
        <TextField v-model="draft.bornOn" label="Born on" type="date" :wrong="wrong('bornOn')" help="Age 18 to 110." />
        <ChoiceGroup
          v-model="draft.sex"
          label="Sex (for the arm’s measures)"
          :options="[
            { value: 'FEMALE', text: 'female' },
            { value: 'MALE', text: 'male' },
          ]"
          :wrong="wrong('sex')"
        />
        <ChoiceGroup
          v-model="draft.units"
          label="Units"
          :options="[
            { value: 'KG_CM', text: 'kg and cm' },
            { value: 'LB_FT', text: 'lb and inches' },
          ]"
        />
        <div class="two">
          <TextField
            v-model="draft.stature"
            type="number"
            step="any"
            :label="`Stature (${draft.units === 'LB_FT' ? 'in' : 'cm'})`"
            :wrong="wrong('statureM')"
          />
          <TextField
            v-model="draft.bodyMass"
            type="number"
            step="any"
            :label="`Body mass (${draft.units === 'LB_FT' ? 'lb' : 'kg'})`"
            :wrong="wrong('bodyMassKg')"
          />
        </div>
        <ChoiceGroup
          v-model="draft.hand"
          label="Writes with the"
          :options="[
            { value: 'RIGHT', text: 'right hand' },
            { value: 'LEFT', text: 'left hand' },
          ]"
          :wrong="wrong('hand')"
        />
      </section>
      <section class="panel">
        <h2>What for, where and how often</h2>
        <ChoiceGroup
          v-model="draft.goal"
          label="Goal"
          :options="[
            { value: 'FUNCTION', text: 'everyday strength' },
            { value: 'ARM_SIZE', text: 'arm size' },
            { value: 'STRENGTH', text: 'strength' },
            { value: 'KEEP', text: 'keep what is there' },
            { value: 'RETURN', text: 'back after a break' },
            { value: 'LOOK', text: 'look' },
          ]"
          :wrong="wrong('goal')"
        />
        <ChoiceGroup
          v-model="draft.newToTraining"
          label="Training age"
          :options="[
            { value: true, text: 'new to it' },
            { value: false, text: 'has trained before' },
          ]"
          :wrong="wrong('newToTraining')"
        />
        <TextField
          v-model="draft.life"
          label="What days, work and other training ask of the arms"
          :wrong="wrong('life')"
          help="For example: rings bells twice a week, pushes a wheelchair, gardens."
        />
        <ChoiceGroup
          v-model="draft.placeId"
          label="Where"
          :options="places.map((p) => ({ value: p.id, text: p.name }))"
          :wrong="wrong('placeId')"
        />
        <div class="two">
          <TextField
            v-model="draft.visitsPerWeek"
            type="number"
            label="Visits a week"
            :wrong="wrong('visitsPerWeek')"
            help="1 to 3"
          />
          <TextField v-model="draft.minutes" type="number" label="Minutes" :wrong="wrong('minutes')" help="8 to 120" />
        </div>
      </section>
    </div>
    <CautionList v-if="questions" v-model="draft.cautions" :cautions="questions.cautions" class="mt-3" />
    <ProblemNotice :problem="problem">
      <template v-if="theirs">
        <p class="mb-1 mt-2">
          Stored now: {{ theirs.details.name }}, {{ theirs.details.minutes }} min,
          {{ theirs.details.visitsPerWeek }} visits a week, “{{ theirs.details.life }}”. Yours: {{ draft.name }},
          {{ draft.minutes }} min, {{ draft.visitsPerWeek }} visits a week, “{{ draft.life }}”.
        </p>
        <BButton size="sm" variant="outline-primary" class="me-2" @click="takeTheirs">Take what is stored</BButton>
        <BButton size="sm" variant="outline-primary" @click="keepMine">Keep mine and save again</BButton>
      </template>
    </ProblemNotice>
    <BButton type="submit" variant="primary" class="mt-3" :disabled="busy">
      {{ id ? 'Save' : 'Save and go to the screen' }}
    </BButton>
  </form>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 1rem;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 1rem;
}
@media (max-width: 800px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
