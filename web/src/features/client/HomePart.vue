<script setup lang="ts">
import { onMounted, ref } from 'vue'
import type { HomeView } from '@/shared/api/types'
import { api, ask } from '@/shared/api/client'
import { date, inUnits } from '@/shared/format'
import NumberField from '@/shared/NumberField.vue'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import SelectField from '@/shared/SelectField.vue'
import TextField from '@/shared/TextField.vue'
import { units } from '@/shared/units'
import { useCall } from '@/shared/useCall'
import { useDone } from '@/shared/useDone'

/** A session the client does alone: planned for a day and a place, and sent as a link. */
const props = defineProps<{ clientId: string; today: string }>()
const emit = defineEmits<{ changed: [] }>()
const { busy, problem, run, wrong } = useCall()
const sessions = ref<HomeView[]>([])
const places = ref<{ value: string; text: string }[]>([])
const placeId = ref('')
const minutes = ref<number | undefined>(20)
const on = ref(props.today)
const done = useDone()
const said = ref('')
const open = ref(false)
const path = { params: { path: { clientId: props.clientId } } }

async function load() {
  const all = await run(() =>
    Promise.all([ask(() => api.GET('/api/clients/{clientId}/home', path)), ask(() => api.GET('/api/places'))]),
  )
  if (!all) return
  sessions.value = all[0]
  places.value = all[1].map((p) => ({ value: p.id, text: p.name }))
  placeId.value ||= places.value.find((p) => /home/i.test(p.text))?.value ?? places.value[0]?.value ?? ''
}
onMounted(load)

async function plan() {
  const answer = await run(() =>
    ask(() =>
      api.PUT('/api/clients/{clientId}/home/{id}', {
        params: { path: { clientId: props.clientId, id: crypto.randomUUID() } },
        body: { on: on.value, placeId: placeId.value, minutes: minutes.value ?? 20 },
      }),
    ),
  )
  if (!answer) return
  said.value = answer.refusals.map((r) => inUnits(r.exact, units.value)).join(' ')
  if (answer.session) {
    done(
      answer.sent
        ? 'Planned, and its link lies in the outbox.'
        : 'Planned. No link: the client has not agreed to be written to (see the intake).',
    )
  }
  await load()
}
async function takeBack(s: HomeView) {
  const at = { params: { path: { clientId: props.clientId, id: s.id } } }
  if (await run(() => ask(() => api.POST('/api/clients/{clientId}/home/{id}/take-back', at)))) {
    await load()
    emit('changed')
  }
}
const states: Record<HomeView['state'], string> = { TO_DO: 'to do', DONE: 'done', TAKEN_BACK: 'taken back' }
</script>

<template>
  <section class="panel" aria-label="Sessions at home">
    <div class="d-flex gap-3 align-items-baseline">
      <h2>At home</h2>
      <button type="button" class="plain ms-auto" :aria-expanded="open" @click="open = !open">
        {{ open ? 'close' : 'plan one' }}
      </button>
    </div>
    <ProblemNotice v-if="problem && !problem.fields.length" :problem="problem" />
    <form v-if="open" class="line" @submit.prevent="plan">
      <TextField v-model="on" type="date" label="Day" />
      <SelectField v-model="placeId" label="Place" :options="places" />
      <NumberField v-model="minutes" label="Minutes" :wrong="wrong('minutes')" />
      <BButton type="submit" variant="outline-primary" :disabled="busy || !placeId">Plan and send</BButton>
    </form>
    <p v-if="said" role="status">{{ said }}</p>
    <p v-if="!sessions.length && !open" class="quiet small mb-0">Nothing is planned to be done alone.</p>
    <ul v-else class="list-unstyled mb-0">
      <li v-for="s in sessions" :key="s.id" class="d-flex gap-3 align-items-baseline">
        <span>{{ date(s.dueOn) }}</span>
        <span class="quiet">
          {{
            s.plan.units
              .flatMap((u) => u.slots)
              .map((x) => x.name)
              .join(', ')
          }}
        </span>
        <span class="ms-auto text-nowrap">{{ states[s.state] }}</span>
        <a :href="`/api/clients/${clientId}/home/${s.id}/sheet.pdf`">on paper</a>
        <button v-if="s.state === 'TO_DO'" type="button" class="plain" :disabled="busy" @click="takeBack(s)">
          Take it back
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 11rem 1fr 8rem auto;
  gap: 0.6rem;
  align-items: end;
  margin-bottom: 0.6rem;
}
@media (max-width: 800px) {
  .line {
    grid-template-columns: 1fr;
  }
}
</style>
