<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { Equipment, LoadsOf, PlaceDetail } from '@/shared/api/types'
import { title } from '@/shared/format'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import TextField from '@/shared/TextField.vue'
import { useCall } from '@/shared/useCall'
import { useDone } from '@/shared/useDone'
import BandFields from './BandFields.vue'
import CouldHave from './CouldHave.vue'
import { emptyEquipment, furniture, restamped, stampedAs, stampedIn } from './equipment'
import GaugePart from './GaugePart.vue'
import HouseholdFields from './HouseholdFields.vue'
import LoadsList from './LoadsList.vue'
import MachineFields from './MachineFields.vue'
import NumberLine from './NumberLine.vue'
import PlatedFields from './PlatedFields.vue'
import StackFields from './StackFields.vue'
import StampedIn from './StampedIn.vue'

/** What each place really has. The trainer decides here which loads and exercises a plan may use. */
const loading = useCall()
const opening = useCall()
const saving = useCall()
const listing = useCall()
const places = ref<{ id: string; name: string }[]>([])
const id = ref('')
const version = ref<number | undefined>()
const name = ref<string | number | undefined>('')
const equipment = ref<Equipment>(emptyEquipment())
const loads = ref<LoadsOf[]>([])
const done = useDone()
const key = ref(0)
const wrong = (field: string) => saving.wrong(field) ?? listing.wrong(field)
const fixtures = computed(() => equipment.value.fixtures!)
const theirs = computed(() =>
  saving.problem.value?.status === 409 ? (saving.problem.value.current as PlaceDetail | undefined) : undefined,
)

onMounted(async () => {
  await list()
  // Whoever was quick has begun a new place before the list was there; it must not be written over the first one.
  if (places.value[0] && !id.value) await open(places.value[0].id)
})
async function list() {
  places.value = (await loading.run(() => ask(() => api.GET('/api/places')))) ?? places.value
}
function take(place: PlaceDetail) {
  id.value = place.id
  version.value = place.version
  name.value = place.name
  equipment.value = { ...emptyEquipment(), ...place.equipment }
  loads.value = place.loads
  saving.problem.value = null
  key.value++
}
async function open(place: string) {
  id.value = place
  // Whoever is quick asks for another place while one is on its way: what was asked last is opened, once that is here.
  while (!opening.busy.value && places.value.some((p) => p.id === id.value)) {
    const wanted = id.value
    const detail = await opening.run(() => ask(() => api.GET('/api/places/{id}', { params: { path: { id: wanted } } })))
    if (id.value !== wanted) continue
    if (detail) {
      take(detail)
    }
    return
  }
}
function add() {
  id.value = crypto.randomUUID()
  version.value = undefined
  name.value = ''
  equipment.value = emptyEquipment()
  key.value++
}

let timer = 0
watch(
  equipment,
  () => {
    clearTimeout(timer)
    timer = window.setTimeout(async () => {
      const answer = await listing.run(() => ask(() => api.POST('/api/places/loads', { body: equipment.value })))
      if (answer) loads.value = answer
    }, 250)
  },
  { deep: true },
)

async function save() {
  const place = await saving.run(() =>
    ask(() =>
      api.PUT('/api/places/{id}', {
        params: { path: { id: id.value } },
        body: { version: version.value, name: String(name.value ?? ''), equipment: equipment.value },
      }),
    ),
  )
  if (!place) return
  version.value = place.version
  loads.value = place.loads
  await list()
  done('Saved.')
}
const bars = [
  { field: 'handle', name: 'Handles that take plates', stamped: 'handle' },
  { field: 'straightBar', name: 'Straight bar', stamped: 'straight bar' },
  { field: 'angledBar', name: 'Angled bar', stamped: 'angled bar' },
] as const
const pounds = (thing: string) => !!equipment.value.inPounds?.includes(thing)
function stamp(thing: string, lb: boolean) {
  equipment.value.inPounds = stampedAs(equipment.value.inPounds ?? [], thing, lb)
}
const dumbbells = computed(() => stampedIn(pounds('dumbbells')))
function stampDumbbells(lb: boolean) {
  equipment.value.dumbbellsKg = equipment.value.dumbbellsKg.map((kg) => restamped(kg, lb))
  stamp('dumbbells', lb)
}
function toggle(item: string) {
  const has = equipment.value.furniture.includes(item)
  equipment.value.furniture = has
    ? equipment.value.furniture.filter((f) => f !== item)
    : [...equipment.value.furniture, item]
}
</script>

<template>
  <div class="page">
    <h1>Places and what is there</h1>
    <ProblemNotice :problem="loading.problem.value ?? opening.problem.value" />
    <div class="choice mb-3">
      <button v-for="p in places" :key="p.id" type="button" :aria-pressed="p.id === id" @click="open(p.id)">
        {{ p.name }}
      </button>
      <button type="button" :aria-pressed="!places.some((p) => p.id === id)" @click="add">Add a place</button>
    </div>
    <form v-if="key" :key="key" class="columns" novalidate @submit.prevent="save">
      <div class="panel">
        <TextField v-model="name" label="Name of the place" :wrong="wrong('name')" />
        <div class="field-line">
          <NumberLine
            :model-value="equipment.dumbbellsKg.map(dumbbells.shown)"
            :label="`Fixed dumbbells, ${dumbbells.unit}, in pairs`"
            help="All in one line: 1, 2, 3, 5"
            :wrong="wrong('dumbbellsKg')"
            class="wide"
            @update:model-value="(all) => (equipment.dumbbellsKg = all.map(dumbbells.kg))"
          />
          <StampedIn
            :model-value="pounds('dumbbells')"
            name="Fixed dumbbells"
            class="level"
            @update:model-value="stampDumbbells"
          />
        </div>
        <PlatedFields
          v-for="bar in bars"
          :key="bar.field"
          v-model="equipment[bar.field]"
          :name="bar.name"
          :field="bar.field"
          :wrong="wrong"
          :pounds="pounds(bar.stamped)"
          @update:pounds="(lb) => stamp(bar.stamped, lb)"
        />
        <StackFields
          v-model="equipment.stack"
          name="Cable stack"
          field="stack"
          :wrong="wrong"
          :pounds="pounds('cable stack')"
          @update:pounds="(lb) => stamp('cable stack', lb)"
        />
        <MachineFields
          :model-value="equipment.machines ?? []"
          :in-pounds="equipment.inPounds ?? []"
          :wrong="wrong"
          @update:in-pounds="(all) => (equipment.inPounds = all)"
          @update:model-value="(v) => (equipment.machines = v)"
        />
        <BandFields v-model="equipment.bands" :wrong="wrong" class="mb-3" />
        <HouseholdFields
          :model-value="equipment.household ?? []"
          :wrong="wrong"
          class="mb-3"
          @update:model-value="(v) => (equipment.household = v)"
        />
        <fieldset class="mb-3">
          <legend class="fs-6 mb-1">Solid furniture, benches and anchors</legend>
          <div class="choice">
            <button
              v-for="f in furniture"
              :key="f"
              type="button"
              :aria-pressed="equipment.furniture.includes(f)"
              @click="toggle(f)"
            >
              {{ title(f) }}
            </button>
          </div>
        </fieldset>
        <fieldset class="mb-3">
          <legend class="fs-6 mb-1">Who is there</legend>
          <div class="choice">
            <button type="button" :aria-pressed="!equipment.alone" @click="equipment.alone = false">
              Somebody stands by
            </button>
            <button type="button" :aria-pressed="!!equipment.alone" @click="equipment.alone = true">
              Clients train alone
            </button>
          </div>
          <div class="quiet small">
            Alone, nothing heavy goes over face or chest, and nothing that can fall on somebody.
          </div>
        </fieldset>
        <NumberLine
          v-if="equipment.furniture.includes('adjustable bench')"
          v-model="fixtures.benchNotchesDeg"
          label="Notches of the adjustable bench, degrees from flat"
          :wrong="wrong('benchNotchesDeg')"
        />
        <NumberLine
          v-model="fixtures.anchorHeightsM"
          label="Anchor heights, m above the floor"
          :wrong="wrong('anchorHeightsM')"
        />
        <fieldset class="mb-3">
          <legend class="fs-6 mb-1">Restriction cuffs</legend>
          <div class="choice">
            <button
              type="button"
              :aria-pressed="fixtures.restrictionCuffs"
              @click="fixtures.restrictionCuffs = !fixtures.restrictionCuffs"
            >
              There are some
            </button>
          </div>
          <div class="quiet small">Used only by those whom a clinician cleared for them.</div>
        </fieldset>
        <ProblemNotice :problem="saving.problem.value">
          <BButton v-if="theirs" size="sm" variant="outline-primary" @click="take(theirs)">Take what is stored</BButton>
        </ProblemNotice>
        <BButton type="submit" variant="primary" :disabled="saving.busy.value">Save this place</BButton>
      </div>
      <div class="side">
        <LoadsList :loads="loads" />
        <ProblemNotice :problem="listing.problem.value" />
        <CouldHave v-if="version !== undefined" :place-id="id" class="mt-3" />
        <GaugePart />
      </div>
    </form>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.6fr) minmax(0, 1fr);
  gap: 1rem;
  align-items: start;
}
.wide.wide {
  flex: 1 1 16rem;
}
.side {
  position: sticky;
  top: 0.5rem;
}
@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
  .side {
    position: static;
  }
}
</style>
