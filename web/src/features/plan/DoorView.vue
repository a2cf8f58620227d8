<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { ClientView, Reason, SiteRecord } from '@/shared/api/types'
import ArmsMap from '@/shared/ArmsMap.vue'
import ChoiceGroup from '@/shared/ChoiceGroup.vue'
import { words } from '@/shared/format'
import NotAskedThen from '@/shared/NotAskedThen.vue'
import PainScale from '@/shared/PainScale.vue'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { useCall } from '@/shared/useCall'
import WhyValue from '@/shared/WhyValue.vue'
import DoorReading from './DoorReading.vue'

const props = defineProps<{ id: string }>()
const router = useRouter()
const { busy, problem, run } = useCall()
const client = ref<ClientView | null>(null)
const sites = ref<{ record: SiteRecord; pain: number | undefined }[]>([])
const somethingNew = ref<boolean>()
const sleep = ref<number>()
const harder = ref<boolean>()
const places = ref<{ id: string; name: string }[]>([])
const place = ref<string>()
const notAsked = ref<string[]>([])
const refusals = ref<Reason[]>([])
const whatToDo = ref<string[]>([])
const unread = ref(false)
/** What a clinician asked for in words: said once more before anything is lifted. */
const letters = ref<string[]>([])
const sessionId = crypto.randomUUID()

onMounted(async () => {
  const all = await run(() =>
    Promise.all([
      ask(() => api.GET('/api/clients/{id}', { params: { path: { id: props.id } } })),
      ask(() => api.GET('/api/clients/{clientId}/screen', { params: { path: { clientId: props.id } } })),
      ask(() => api.GET('/api/places')),
      ask(() => api.GET('/api/clients/{clientId}/days', { params: { path: { clientId: props.id } } })),
      ask(() => api.GET('/api/clients/{clientId}/composition', { params: { path: { clientId: props.id } } })),
    ]),
  )
  if (!all) return
  client.value = all[0]
  const { placeId, otherPlaces } = all[0].details
  const { today, appointments } = all[3]
  const booked = appointments.find((a) => a.on === today)?.placeId
  // What was fixed for the next visits, or else what is booked, or else where it always is.
  place.value = all[4].composition.placeId ?? booked ?? placeId
  places.value = all[2].filter((p) => [placeId, place.value, ...(otherPlaces ?? [])].includes(p.id))
  notAsked.value = all[1].now?.notAskedThen ?? []
  letters.value = (all[1].now?.limits ?? []).filter((l) => l.kind === 'IN_WORDS').map((l) => l.reason.exact)
  sites.value = (all[1].screen?.answers.soreSites ?? []).map((record) => ({ record, pain: undefined }))
})

const answered = () =>
  !unread.value &&
  somethingNew.value !== undefined &&
  sleep.value !== undefined &&
  harder.value !== undefined &&
  sites.value.every((s) => s.pain !== undefined)

async function plan() {
  refusals.value = []
  const planned = await run(() =>
    ask(() =>
      api.PUT('/api/clients/{clientId}/sessions/{id}', {
        params: { path: { clientId: props.id, id: sessionId } },
        body: {
          sleepHours: sleep.value,
          armsWorkedHarder: harder.value ?? false,
          somethingNew: somethingNew.value ?? false,
          placeId: place.value,
          sites: sites.value.map((s) => ({ site: s.record.site, side: s.record.side, pain: s.pain ?? 0 })),
        },
      }),
    ),
  )
  if (planned?.sessionId) await router.push(`/sessions/${planned.sessionId}`)
  else if (planned) {
    refusals.value = planned.refusals
    whatToDo.value = planned.whatToDo
  }
}
</script>

<template>
  <div class="page">
    <h1 class="mb-1">At the door{{ client ? `: ${client.details.name}` : '' }}</h1>
    <p class="quiet">A minute of talk before anything is lifted. It changes today’s plan.</p>
    <ProblemNotice :problem="problem" />
    <div v-if="client" class="beside-arms">
      <aside>
        <ArmsMap
          :marks="
            sites.map((s) => ({
              site: s.record.site,
              side: s.record.side,
              text: s.pain === undefined ? '?' : String(s.pain),
            }))
          "
          caption="Sore places today"
        />
      </aside>
      <form class="panel" @submit.prevent="plan">
        <p v-for="l in letters" :key="l" class="letter">{{ l }}</p>
        <DoorReading :client-id="id" @open="(open) => (unread = open)" />
        <ChoiceGroup
          v-if="places.length > 1"
          v-model="place"
          label="Where is it today?"
          :options="places.map((p) => ({ value: p.id, text: p.name }))"
        />
        <PainScale
          v-for="s in sites"
          :key="s.record.site + s.record.side"
          v-model="s.pain"
          :label="`How is the ${words(s.record.side)} ${words(s.record.site)} today?`"
          :usual="s.record.usualPain"
        />
        <NotAskedThen :questions="notAsked" class="mb-3" />
        <ChoiceGroup
          v-model="somethingNew"
          label="Anything new: a pain, a fall, an illness, a medicine?"
          :options="[
            { value: false, text: 'nothing new' },
            { value: true, text: 'something new' },
          ]"
        />
        <ChoiceGroup
          v-model="sleep"
          label="Hours of sleep last night"
          :options="[
            { value: 3, text: '3 or less' },
            { value: 4, text: '4' },
            { value: 5, text: '5' },
            { value: 6, text: '6' },
            { value: 7, text: '7' },
            { value: 8, text: '8 or more' },
          ]"
        />
        <ChoiceGroup
          v-model="harder"
          label="What did the arms do since?"
          :options="[
            { value: false, text: 'as usual' },
            { value: true, text: 'a day heavier than usual' },
          ]"
        />
        <div v-if="refusals.length" class="refused" role="alert">
          <p v-for="r in refusals" :key="r.ruleId" class="mb-1">
            <WhyValue :reason="r" about="nothing is planned">{{ r.exact }}</WhyValue>
          </p>
          <p v-for="t in whatToDo" :key="t" class="mb-1 fw-bold">{{ t }}</p>
          <RouterLink :to="`/clients/${id}/screen`">Go to the screen</RouterLink>
        </div>
        <BButton type="submit" variant="primary" :disabled="busy || !answered()">
          {{ answered() ? 'Plan today’s session' : unread ? 'Read the pressure first' : 'Answer each line to plan' }}
        </BButton>
      </form>
    </div>
  </div>
</template>

<style scoped>
.letter {
  border-left: 6px solid var(--line);
  padding-left: 0.9rem;
}
.refused {
  border-left: 6px solid var(--refer);
  padding: 0.6rem 0.9rem;
  margin-bottom: 1rem;
}
@media (max-width: 900px) {
  aside {
    max-width: 18rem;
  }
}
</style>
