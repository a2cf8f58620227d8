<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, provide } from 'vue'
import { RouterLink } from 'vue-router'
import type { Composition, SoreSite, WrittenUnit } from '@/shared/api/types'
import ArmsMap from '@/shared/ArmsMap.vue'
import { date, inUnits, warmUpDose } from '@/shared/format'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { units } from '@/shared/units'
import WhyValue from '@/shared/WhyValue.vue'
import ChangesPanel from '@/shared/ChangesPanel.vue'
import { SORE_PLACES } from '@/shared/sorePlaces'
import BlockBoard from './BlockBoard.vue'
import ComposeBars from './ComposeBars.vue'
import ComposeControls from './ComposeControls.vue'
import ComposeUnit from './ComposeUnit.vue'
import { apart, banned, inTurn, moved, orderOf, pinned, rewritten, swapped, writtenFrom } from './composition'
import RoutinePart from './RoutinePart.vue'
import TemplatesPart from './TemplatesPart.vue'
import { useComposer } from './useComposer'
import WhatIfPart from './WhatIfPart.vue'
import WhyNotList from './WhyNotList.vue'
import FoldPart from '@/shared/FoldPart.vue'

/**
 * What will this client's next visits be? The trainer picks a way of working, minutes and place, keeps, swaps, leaves out and
 * moves, and sees at once what that takes in time, in sets and at each sore place.
 */
const props = defineProps<{ id: string }>()
const composer = useComposer(props.id)
const { view, composition, composed, refused, problem, past, future, changed, differsFrom } = composer
const adding = ref('')

onMounted(async () => {
  await composer.load()
  if (view.value) units.value = view.value.units
})
const plan = computed(() => composed.value?.result.plan)
const marks = computed(() => composed.value?.marks.filter((m) => !m.exerciseKey) ?? [])
const sore = computed(() => view.value?.soreSites ?? [])
provide(SORE_PLACES, () => sore.value)
function taken(place: SoreSite): number | undefined {
  const bar = composed.value?.stress.find((b) => b.site === place.site && b.side === place.side)
  return bar && bar.most > 0 ? bar.planned / bar.most : undefined
}
const differing = computed(() => new Set(composed.value?.changes.map((c) => c.exerciseName)).size)
const name = (key: string) => view.value?.exercises.find((e) => e.key === key)?.name ?? key
const change = (next: Composition, silent?: boolean) => composer.change(next, silent)

function move(index: number, by: number) {
  const { written } = composition.value
  if (written) change({ ...composition.value, written: moved(written, index, index + by) })
  else if (plan.value) change({ ...composition.value, order: moved(orderOf(plan.value), index, index + by) })
}
function write(unit: number, slot: number, to: object | null) {
  const next = rewritten(composition.value.written ?? [], unit, slot, to)
  if (next.length) change({ ...composition.value, written: next })
}
function rewrite(how: (units: WrittenUnit[]) => WrittenUnit[]) {
  change({ ...composition.value, written: how(composition.value.written ?? []) })
}
function add() {
  if (!adding.value) return
  const one = { exerciseKey: adding.value, sets: 2, reps: { low: 8, high: 12 } }
  const unit = { layout: 'STRAIGHT' as const, restSeconds: 60, slots: [one] }
  change({ ...composition.value, written: [...(composition.value.written ?? []), unit] })
  adding.value = ''
}
function byHand() {
  const written = composition.value.written
  if (written) change({ ...composition.value, written: undefined })
  else if (plan.value) change({ ...composition.value, written: writtenFrom(plan.value) })
}
function onKey(e: KeyboardEvent) {
  if (!(e.ctrlKey || e.metaKey) || e.key.toLowerCase() !== 'z' || e.target instanceof HTMLInputElement) return
  e.preventDefault()
  if (e.shiftKey) composer.redo()
  else composer.undo()
}
onMounted(() => window.addEventListener('keydown', onKey))
onBeforeUnmount(() => window.removeEventListener('keydown', onKey))
const print = () => window.print()
</script>

<template>
  <div class="page">
    <ProblemNotice :problem="problem">
      <RouterLink :to="`/clients/${id}`">Back to the client</RouterLink>
    </ProblemNotice>
    <template v-if="view && composed">
      <div class="d-flex flex-wrap gap-3 align-items-baseline mb-2">
        <h1>
          <RouterLink :to="`/clients/${id}`" class="client">{{ view.clientName }}</RouterLink>
          next visits
        </h1>
        <span v-if="plan" class="quiet">first on {{ date(composed.visitOn) }}</span>
        <span class="ms-auto acts">
          <BButton size="sm" variant="outline-primary" :disabled="!past.length" @click="composer.undo">Undo</BButton>
          <BButton size="sm" variant="outline-primary" :disabled="!future.length" @click="composer.redo">Redo</BButton>
          <BButton size="sm" variant="outline-primary" :disabled="!plan" @click="print">Print</BButton>
          <BButton variant="primary" :disabled="!changed" @click="composer.keep">
            {{ changed ? 'Use for the next visits' : 'In use' }}
          </BButton>
        </span>
      </div>
      <div class="beside-arms">
        <aside>
          <ArmsMap
            :marks="sore.map((s) => ({ site: s.site, side: s.side, text: String(s.usual), share: taken(s) }))"
            :caption="`Sore places of ${view.clientName}, and how much of what each may take this session gives it`"
          />
          <p v-if="composed.stress.length" class="quiet small key">
            Number: usual pain. Ring: what this session gives the place of what it may take.
          </p>
          <ComposeBars v-if="plan" :composed="composed" />
        </aside>
        <section>
          <ComposeControls
            :view="view"
            :composition="composition"
            :nearest="composed.result.nearest"
            @change="change"
          />
          <ProblemNotice :problem="refused" />
          <div v-if="!plan" class="panel none">
            <p v-for="r in composed.result.refusals" :key="r.ruleId + r.exact">
              <WhyValue :reason="r" about="nothing is planned">{{ inUnits(r.exact, units) }}</WhyValue>
            </p>
            <p v-for="t in composed.whatToDo" :key="t" class="mb-0">{{ t }}</p>
          </div>
          <p v-for="m in marks" :key="m.kind + m.reason.exact" class="marked">
            <WhyValue :reason="m.reason" about="this is marked">{{ inUnits(m.reason.exact, units) }}</WhyValue>
          </p>
          <FoldPart v-if="differsFrom" :title="`Different from ${differsFrom.name}’s (${differing})`" class="panel">
            <ChangesPanel :changes="composed.changes" :signals="[]" bare class="mt-2" />
          </FoldPart>
          <div v-if="plan" class="at-home">
            <p class="mb-1">First, {{ plan.minutes.warmUp }} min of warm-up:</p>
            <ol class="mb-2">
              <li v-for="(w, i) in plan.warmUp" :key="i">{{ inUnits(w.words, units) }}: {{ warmUpDose(w, units) }}</li>
            </ol>
            <p class="mb-2">
              Stop if pain grows over the easy sets, or at pressure in chest, jaw or arm, dizziness, sudden headache,
              numbness or weakness.
            </p>
          </div>
          <p v-for="lost in plan?.lostPins ?? []" :key="lost.exerciseKey" class="marked">
            {{ lost.name }} was to be kept in, but not this time: {{ inUnits(lost.reasons[0]?.exact ?? '', units) }}
            <BButton size="sm" variant="link" @click="change(pinned(composition, lost.exerciseKey))">
              Let it go
              <span class="visually-hidden">: {{ lost.name }}</span>
            </BButton>
          </p>
          <ul v-if="plan?.bends.length" class="bends">
            <li v-for="b in plan.bends" :key="b.exact">
              <WhyValue :reason="b" about="the way of working bends here">{{ inUnits(b.exact, units) }}</WhyValue>
            </li>
          </ul>
          <ComposeUnit
            v-for="(u, i) in plan?.units ?? []"
            :key="u.letter + u.slots[0]!.exerciseKey"
            :unit="u"
            :index="i"
            :last="i === plan!.units.filter((other) => !other.care).length - 1"
            :composed="composed"
            :composition="composition"
            :sore="sore"
            :written="composition.written?.[i]"
            @move="(by) => move(i, by)"
            @drop-here="(from) => from !== i && move(from, i - from)"
            @pin="(key) => change(pinned(composition, key))"
            @ban="(key) => change(banned(composition, key))"
            @swap="(out, into) => change(swapped(composition, out, into))"
            @write="(slot, to) => write(i, slot, to)"
            @rest="(s) => rewrite((units) => units.map((u, n) => (n === i ? { ...u, restSeconds: s } : u)))"
            @in-turn="rewrite((units) => inTurn(units, i))"
            @apart="rewrite((units) => apart(units, i))"
          />
          <p v-if="plan?.free && !composition.written">
            <WhyValue :reason="plan.free.reason" about="minutes stay free">{{ plan.free.reason.exact }}</WhyValue>
          </p>
          <template v-if="!composition.written">
            <p v-for="n in plan?.notes ?? []" :key="n.exact" class="small">{{ inUnits(n.exact, units) }}</p>
          </template>
          <div class="hand">
            <BButton size="sm" variant="outline-primary" :disabled="!plan" @click="byHand">
              {{ composition.written ? 'Let Kinesia compose again' : 'Write it by hand' }}
            </BButton>
            <template v-if="composition.written">
              <BFormSelect
                v-model="adding"
                aria-label="Exercise to add"
                :options="[
                  { value: '', text: 'Add an exercise' },
                  ...view.exercises.map((e) => ({ value: e.key, text: e.name })),
                ]"
              />
              <BButton size="sm" variant="outline-primary" :disabled="!adding" @click="add">Add</BButton>
            </template>
          </div>
          <p v-if="composition.banned.length" class="small">
            Left out by hand:
            <BButton
              v-for="key in composition.banned"
              :key="key"
              size="sm"
              variant="link"
              @click="change(banned(composition, key))"
            >
              {{ name(key) }}, let in again
            </BButton>
          </p>
          <WhatIfPart v-if="!composition.written" :client-id="id" :composition="composition" />
          <WhyNotList
            v-if="plan && !composition.written"
            :plan="plan"
            @pin="(key) => change(pinned(composition, key))"
          />
          <BlockBoard v-if="plan" :client-id="id" :composition="composition" />
          <RoutinePart
            :client-id="id"
            :composition="composition"
            :exercises="view.exercises"
            @take="(next) => change(next)"
          />
          <TemplatesPart :client-id="id" :composition="composition" @take="(next, from) => composer.take(next, from)" />
        </section>
      </div>
    </template>
  </div>
</template>

<style scoped>
.client {
  color: var(--ink);
}
.acts {
  display: flex;
  gap: 0.4rem;
  align-items: center;
}
.none {
  border-left: 6px solid var(--refer);
  margin-bottom: 0.8rem;
}
.marked {
  color: var(--ease);
  font-weight: 650;
  margin-bottom: 0.4rem;
}
.key {
  margin: 0.2rem 0 0.6rem;
}
.bends {
  padding-left: 1.1rem;
  font-size: 0.92rem;
}
.hand {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
  margin: 0.6rem 0;
}
.hand select {
  width: 18rem;
}
section > :deep(.fold) {
  margin-bottom: 0.7rem;
}
.at-home {
  display: none;
}
/* Upright the bars stay beside the session, only narrower. */
@media (min-width: 701px) and (max-width: 900px) {
  .beside-arms {
    grid-template-columns: 12.5rem minmax(0, 1fr);
    gap: 1rem;
  }
}
/* On a phone the session comes first, and what it asks of the arms after it. */
@media (max-width: 700px) {
  aside {
    order: 2;
  }
  aside :deep(.arms) {
    max-width: 26rem;
  }
}
@media print {
  .at-home {
    display: block;
  }
  .beside-arms {
    display: block;
  }
  aside,
  .acts,
  .hand,
  section > :deep(.fold),
  section > :deep(.controls) {
    display: none;
  }
}
</style>
