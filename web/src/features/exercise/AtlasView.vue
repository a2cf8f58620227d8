<script setup lang="ts">
import { computed, onMounted, ref, watch, provide } from 'vue'
import { RouterLink, useRoute, useRouter } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { AtlasView, Site } from '@/shared/api/types'
import ArmsMap from '@/shared/ArmsMap.vue'
import { words } from '@/shared/format'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { useCall } from '@/shared/useCall'
import { SORE_PLACES } from '@/shared/sorePlaces'
import { anything, found, type Filter } from './atlas'
import AtlasCard from './AtlasCard.vue'
import AtlasFilters from './AtlasFilters.vue'
import FoldPart from '@/shared/FoldPart.vue'

/** Which of all variations fits this client: found, best first, up to three compared. */
const MOST_COMPARED = 3
const FIRST_SHOWN = 24

const groups = [
  { value: '', text: 'both' },
  { value: 'FLEXORS', text: 'bends the elbow' },
  { value: 'EXTENSORS', text: 'straightens it' },
]

const route = useRoute()
const router = useRouter()
const client = computed(() => (route.query.client as string | undefined) || undefined)
const { problem, run, busy } = useCall()
const atlas = ref<AtlasView | null>(null)
const clients = ref<{ id: string; name: string }[]>([])
const filter = ref<Filter>({ ...anything, ...JSON.parse(sessionStorage.getItem('atlas-filter') ?? '{}') })
// On a phone the cards come first and the filters fold away.
const wide = typeof matchMedia === 'undefined' || matchMedia('(min-width: 900px)').matches
const longLength = ref(false)
const chosen = ref<string[]>([])
const shown = ref(FIRST_SHOWN)

watch(
  filter,
  (f) => {
    sessionStorage.setItem('atlas-filter', JSON.stringify(f))
    shown.value = FIRST_SHOWN
  },
  { deep: true },
)

async function load() {
  const query = { clientId: client.value, longLength: longLength.value }
  const all = await run(() =>
    Promise.all([ask(() => api.GET('/api/atlas', { params: { query } })), ask(() => api.GET('/api/clients'))]),
  )
  if (!all) return
  atlas.value = all[0]
  clients.value = all[1]
}
onMounted(load)
watch(longLength, load)

const items = computed(() => (atlas.value ? found(atlas.value.items, filter.value) : []))
const allowed = computed(() => items.value.filter((i) => i.whyNot.length === 0).length)
const sore = computed(() => atlas.value?.forWhom.soreSites ?? [])
provide(SORE_PLACES, () => sore.value)
const watched = computed<Site[]>(() => {
  const sites = sore.value.map((s) => s.site)
  if (filter.value.site) sites.push(filter.value.site as Site)
  return [...new Set(sites)].slice(0, 3)
})
const names = computed(() => chosen.value.map((k) => atlas.value?.items.find((i) => i.key === k)?.name ?? k))
const query = computed(() => (client.value ? `?client=${client.value}` : ''))

function choose(key: string) {
  chosen.value = chosen.value.includes(key) ? chosen.value.filter((k) => k !== key) : [...chosen.value, key]
}
function chooseClient(id: string) {
  void router.push({ name: 'atlas', query: id ? { client: id } : {} })
}
</script>

<template>
  <div class="page">
    <ProblemNotice :problem="problem">
      <BButton size="sm" variant="outline-primary" @click="load">Try again</BButton>
    </ProblemNotice>
    <template v-if="atlas">
      <div class="head">
        <h1>Exercises</h1>
        <label>
          for
          <BFormSelect
            :model-value="client ?? ''"
            :options="[
              { value: '', text: 'nobody in particular' },
              ...clients.map((c) => ({ value: c.id, text: c.name })),
            ]"
            @update:model-value="(id) => chooseClient(String(id))"
          />
        </label>
        <RouterLink to="/methods">Ways of working</RouterLink>
        <RouterLink v-if="client" :to="`/clients/${client}`" class="ms-auto">
          Back to {{ atlas.forWhom.clientName }}
        </RouterLink>
      </div>
      <div class="beside-arms">
        <aside>
          <ArmsMap
            :marks="sore.map((s) => ({ site: s.site, side: s.side, text: String(s.usual) }))"
            caption="Sore places"
          />
          <p class="small quiet">
            <template v-if="!client">
              Worked out for somebody of 165 cm and 68 kg with nothing sore. Choose a client to rank for them.
            </template>
            <template v-else-if="sore.length">
              Best first: the most work for the muscle at the least cost to
              {{ sore.map((s) => words(s.site)).join(' and ') }}.
            </template>
            <template v-else>Nothing is sore: ranked by what the muscles get.</template>
          </p>
          <FoldPart title="Filters" :start-open="wide">
            <AtlasFilters
              v-model:long-length="longLength"
              v-model:filter="filter"
              :items="atlas.items"
              :methods="atlas.methods"
            />
          </FoldPart>
        </aside>
        <section>
          <div class="d-flex flex-wrap gap-3 align-items-center mb-2">
            <div class="choice" role="group" aria-label="Which side of the arm">
              <button
                v-for="g in groups"
                :key="g.value"
                type="button"
                :aria-pressed="filter.group === g.value"
                @click="filter.group = g.value"
              >
                {{ g.text }}
              </button>
            </div>
            <span aria-live="polite">
              {{ allowed }} fit{{ items.length > allowed ? `, ${items.length - allowed} left out` : '' }}
            </span>
            <span v-if="busy" class="quiet">working it out…</span>
          </div>
          <div class="cards">
            <AtlasCard
              v-for="i in items.slice(0, shown)"
              :key="i.key"
              :item="i"
              :to="`/exercises/${i.key}${query}`"
              :watched="watched"
              :chosen="chosen.includes(i.key)"
              :full="chosen.length >= MOST_COMPARED"
              @choose="choose(i.key)"
            />
          </div>
          <p v-if="items.length === 0" class="panel">Nothing fits all of these. Take one filter away.</p>
          <BButton v-if="items.length > shown" variant="outline-primary" class="mt-3" @click="shown = items.length">
            Show all {{ items.length }}
          </BButton>
        </section>
      </div>
      <div v-if="chosen.length" class="tray no-print">
        <span>{{ names.join(' · ') }}</span>
        <RouterLink :to="`/exercises/${chosen.join(',')}${query}`" class="btn btn-primary">
          {{ chosen.length === 1 ? 'Open' : `Compare ${chosen.length}` }}
        </RouterLink>
        <button type="button" class="plain" @click="chosen = []">clear</button>
      </div>
    </template>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem 1.2rem;
  align-items: center;
  margin-bottom: 0.8rem;
}
.head label {
  display: flex;
  gap: 0.5rem;
  align-items: center;
}
@media (min-width: 900px) {
  aside :deep(.accordion-header) {
    display: none;
  }
}
@media (max-width: 900px) {
  aside :deep(.arms) {
    max-width: 16rem;
  }
}
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(13rem, 1fr));
  gap: 0.8rem;
}
.tray {
  position: fixed;
  inset: auto 0 0 0;
  z-index: 4;
  display: flex;
  flex-wrap: wrap;
  gap: 1rem;
  align-items: center;
  padding: 0.5rem 1.2rem;
  background: var(--card);
  border-top: 2px solid var(--tide);
}
</style>
