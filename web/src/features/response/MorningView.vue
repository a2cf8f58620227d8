<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { MorningView, Side, Site } from '@/shared/api/types'
import ArmsMap from '@/shared/ArmsMap.vue'
import ChoiceGroup from '@/shared/ChoiceGroup.vue'
import { date, words } from '@/shared/format'
import { noYes } from '@/shared/options'
import PainScale from '@/shared/PainScale.vue'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { useCall } from '@/shared/useCall'

const props = defineProps<{ id: string }>()
const router = useRouter()
const { busy, problem, run } = useCall()
const view = ref<MorningView | null>(null)
const places = ref<{ site: Site; side: Side; usual: number; pain: number | undefined }[]>([])
const soreness = ref<number>()
const sharp = ref<boolean>()
const tingling = ref<boolean>()

onMounted(async () => {
  const path = { params: { path: { id: props.id } } }
  const answer = await run(() => ask(() => api.GET('/api/sessions/{id}/morning', path)))
  if (answer) show(answer)
})

function show(answer: MorningView) {
  view.value = answer
  places.value = answer.places.map((p) => ({
    ...p,
    pain: answer.answers?.sites.find((s) => s.site === p.site && s.side === p.side)?.pain,
  }))
  soreness.value = answer.answers?.muscleSoreness
  sharp.value = answer.answers?.sharp
  tingling.value = answer.answers?.tinglingStays
}

/** What was answered from another screen meanwhile; until one of the two is chosen nothing of it is overwritten. */
const theirs = computed(() =>
  problem.value?.status === 409 ? (problem.value.current as MorningView | undefined) : undefined,
)
const theirWords = computed(() => {
  const a = theirs.value?.answers
  if (!a) return ''
  const sore = a.sites.filter((s) => s.pain > 0).map((s) => `${words(s.side)} ${words(s.site)} ${s.pain}`)
  return [
    sore.length ? sore.join(', ') : 'no joint pain',
    `muscle soreness ${a.muscleSoreness}`,
    ...(a.sharp ? ['sharp or catching'] : []),
    ...(a.tinglingStays ? ['tingling that stays'] : []),
  ].join('; ')
})
function takeTheirs() {
  const answer = theirs.value
  problem.value = null
  if (answer) show(answer)
}
async function keepMine() {
  if (view.value && theirs.value) view.value.version = theirs.value.version
  await save()
}

const complete = computed(
  () =>
    soreness.value !== undefined &&
    sharp.value !== undefined &&
    tingling.value !== undefined &&
    places.value.every((p) => p.pain !== undefined),
)

function addPlace(site: Site, side: Side) {
  const at = places.value.findIndex((p) => p.site === site && p.side === side)
  if (at < 0) places.value.push({ site, side, usual: 0, pain: undefined })
  else if (!view.value?.places.some((p) => p.site === site && p.side === side)) places.value.splice(at, 1)
}

async function save() {
  const saved = await run(() =>
    ask(() =>
      api.PUT('/api/sessions/{id}/morning', {
        params: { path: { id: props.id } },
        body: {
          version: view.value?.version,
          sites: places.value.map((p) => ({ site: p.site, side: p.side, pain: p.pain ?? 0 })),
          muscleSoreness: soreness.value ?? 0,
          sharp: sharp.value ?? false,
          tinglingStays: tingling.value ?? false,
        },
      }),
    ),
  )
  if (saved) await router.push(`/clients/${saved.clientId}`)
}
</script>

<template>
  <div class="page">
    <ProblemNotice :problem="problem">
      <div v-if="theirs" class="mt-2">
        <p class="mb-2">Theirs: {{ theirWords }}.</p>
        <div class="d-flex flex-wrap gap-2">
          <BButton size="sm" variant="primary" @click="takeTheirs">Take theirs</BButton>
          <BButton size="sm" variant="outline-primary" @click="keepMine">Keep mine</BButton>
        </div>
      </div>
    </ProblemNotice>
    <template v-if="view">
      <h1 class="mb-1">The morning after: {{ view.clientName }}</h1>
      <p class="quiet">Session on {{ date(view.sessionOn) }}. Joint and tendon pain apart from sore muscle.</p>
      <p v-if="!view.mayAnswer" class="panel">The morning after this session is still to come; ask tomorrow.</p>
      <div v-else class="beside-arms">
        <aside>
          <ArmsMap
            :marks="
              places.map((p) => ({ site: p.site, side: p.side, text: p.pain === undefined ? '?' : String(p.pain) }))
            "
            picking
            caption="Where it is sore this morning"
            @pick="addPlace"
          />
          <p class="small quiet">Somewhere else sore? Mark it on the arms.</p>
        </aside>
        <form class="panel" @submit.prevent="save">
          <PainScale
            v-for="p in places"
            :key="p.site + p.side"
            v-model="p.pain"
            :label="`Joint or tendon pain, ${words(p.side)} ${words(p.site)}`"
            :usual="p.usual"
          />
          <PainScale v-model="soreness" label="Sore muscle, both arms (expected after new work)" />
          <ChoiceGroup v-model="sharp" label="Sharp, catching or giving way?" :options="noYes" />
          <ChoiceGroup v-model="tingling" label="Tingling that stays?" :options="noYes" />
          <BButton type="submit" variant="primary" :disabled="busy || !complete">
            {{ complete ? 'Keep, and see what changes' : 'Answer each line' }}
          </BButton>
        </form>
      </div>
    </template>
  </div>
</template>

<style scoped>
@media (max-width: 900px) {
  aside {
    order: 1;
  }
}
</style>
