<script setup lang="ts">
import { ref } from 'vue'
import type { Composed, Composition, SoreSite, Substitute, Unit, WrittenUnit } from '@/shared/api/types'
import FigureDrawing from '@/shared/FigureDrawing.vue'
import { inUnits, title } from '@/shared/format'
import { armsOf, rounds, slotLoad, slotReps, unitTitle } from '@/shared/unit'
import { units } from '@/shared/units'
import WhyValue from '@/shared/WhyValue.vue'
import SwapList from './SwapList.vue'
import WrittenFields from './WrittenFields.vue'

/** One unit of the session being composed: moved as a whole, its exercises kept, left out or swapped. */
const props = defineProps<{
  unit: Unit
  index: number
  last: boolean
  composed: Composed
  composition: Composition
  sore: SoreSite[]
  written?: WrittenUnit
}>()
const emit = defineEmits<{
  move: [by: number]
  dropHere: [from: number]
  pin: [key: string]
  ban: [key: string]
  swap: [out: string, into: string]
  write: [slot: number, change: object | null]
  rest: [seconds: number]
  inTurn: []
  apart: []
}>()
function rested(e: Event) {
  const seconds = Math.round(Number((e.target as HTMLInputElement).value))
  if (seconds >= 0 && seconds <= 300) emit('rest', seconds)
}
const swapping = ref('')
const guide = (key: string) => props.composed.figures.find((f) => f.exerciseKey === key)
const figure = (key: string) => guide(key)?.figure
// Start, middle and end, for the sheet that is taken home.
const MOMENTS = [0, 0.5, 1]
const over = ref(false)
function drop(e: DragEvent) {
  over.value = false
  const from = Number.parseInt(e.dataTransfer?.getData('text/plain') ?? '')
  if (Number.isInteger(from)) emit('dropHere', from)
}
const substitutes = (key: string): Substitute[] => props.composed.result.substitutes[key] ?? []
const marks = (key: string) => props.composed.marks.filter((m) => m.exerciseKey === key)
function swap(out: string, into: string) {
  swapping.value = ''
  emit('swap', out, into)
}
</script>

<template>
  <section
    class="unit panel"
    :class="{ over }"
    :aria-label="unitTitle(unit)"
    @dragover.prevent="over = true"
    @dragleave="over = false"
    @drop.prevent="drop"
  >
    <header :draggable="!unit.care" @dragstart="(e) => e.dataTransfer?.setData('text/plain', String(index))">
      <svg v-if="!unit.care" class="grip" viewBox="0 0 8 14" width="10" aria-hidden="true">
        <path d="M2 2h.01M6 2h.01M2 7h.01M6 7h.01M2 12h.01M6 12h.01" stroke-width="2.4" stroke-linecap="round" />
      </svg>
      <h3>{{ unitTitle(unit) }}</h3>
      <label v-if="written" class="quiet">
        {{ rounds(unit) }}, rest
        <BFormInput
          type="number"
          size="sm"
          class="few"
          min="0"
          max="300"
          step="5"
          :model-value="unit.restSeconds"
          :aria-label="`Rest of ${unitTitle(unit)}, seconds`"
          @change="rested"
        />
        s
      </label>
      <span v-else class="quiet">{{ rounds(unit) }}, rest {{ unit.restSeconds }} s</span>
      <span v-if="!unit.care" class="ms-auto">
        <BButton v-if="written && !last" size="sm" variant="link" @click="emit('inTurn')">
          In turn with the next
          <span class="visually-hidden">: {{ unitTitle(unit) }}</span>
        </BButton>
        <BButton v-if="written && unit.slots.length > 1" size="sm" variant="link" @click="emit('apart')">
          One by one
          <span class="visually-hidden">: {{ unitTitle(unit) }}</span>
        </BButton>
        <BButton size="sm" variant="link" :disabled="index === 0" @click="emit('move', -1)">
          Earlier
          <span class="visually-hidden">: {{ unitTitle(unit) }}</span>
        </BButton>
        <BButton size="sm" variant="link" :disabled="last" @click="emit('move', 1)">
          Later
          <span class="visually-hidden">: {{ unitTitle(unit) }}</span>
        </BButton>
      </span>
    </header>
    <article
      v-for="(s, i) in unit.slots"
      :key="s.exerciseKey"
      :class="{ accompanied: guide(s.exerciseKey)?.homeAlone === false }"
    >
      <FigureDrawing v-if="figure(s.exerciseKey)" :figure="figure(s.exerciseKey)!" :progress="0.5" class="fig" />
      <div v-if="guide(s.exerciseKey)" class="at-home">
        <FigureDrawing v-for="m in MOMENTS" :key="m" :figure="figure(s.exerciseKey)!" :progress="m" />
      </div>
      <div class="what">
        <h4>
          <WhyValue :reason="s.why.CHOICE" :about="`${s.name} was chosen`">{{ s.name }}</WhyValue>
          <span v-if="guide(s.exerciseKey)?.own" class="tag">the room’s own</span>
        </h4>
        <WrittenFields
          v-if="written?.slots[i]"
          :slot-written="written.slots[i]!"
          :arms="s.arms"
          :name="s.name"
          :load="s.load"
          @change="(c) => emit('write', i, c)"
        />
        <p v-else class="dose">
          <WhyValue :reason="s.why.LOAD" :about="`this load for ${s.name}`">
            <b class="load">{{ slotLoad(s, units) }}</b>
          </WhyValue>
          <span v-if="s.trial" class="tag">trial</span>
          <WhyValue :reason="s.why.REPS" :about="`the repetitions of ${s.name}`">
            {{ s.sets }} × {{ slotReps(s) }}{{ armsOf(s) }}
          </WhyValue>
          <WhyValue :reason="s.why.EFFORT" :about="`the effort of ${s.name}`">effort {{ s.targetEffort }}</WhyValue>
          <span class="quiet">{{ s.tempo.upS }}-{{ s.tempo.holdS }}-{{ s.tempo.downS }} s</span>
          <template v-if="s.manner?.loweringOnly"><span>lowering only</span></template>
        </p>
        <p v-if="s.manner?.note && !written" class="mb-0">{{ s.manner.note }}</p>
        <p v-if="guide(s.exerciseKey)?.homeAlone === false" class="at-home-words not-alone">
          Not alone at home: leave this one for a day when somebody stands by.
        </p>
        <p v-else-if="guide(s.exerciseKey)" class="at-home-words">
          <b v-if="guide(s.exerciseKey)!.danger">{{ guide(s.exerciseKey)!.danger }}.</b>
          {{ guide(s.exerciseKey)!.setUp.join('. ') }}. Up: {{ guide(s.exerciseKey)!.up }}. Down:
          {{ guide(s.exerciseKey)!.down }}. {{ guide(s.exerciseKey)!.cues.join('. ') }}.
          {{ guide(s.exerciseKey)!.breathing }}. {{ guide(s.exerciseKey)!.landmark }}.
        </p>
        <p v-for="m in marks(s.exerciseKey)" :key="m.kind + m.reason.ruleId" class="marked">
          <WhyValue :reason="m.reason" :about="`${s.name} is marked`">
            {{ title(m.kind) }}: {{ inUnits(m.reason.exact, units) }}
          </WhyValue>
        </p>
        <SwapList
          v-if="swapping === s.exerciseKey"
          :slot-of="s"
          :substitutes="substitutes(s.exerciseKey)"
          :sore="sore"
          @swap="(into) => swap(s.exerciseKey, into)"
          @close="swapping = ''"
        />
      </div>
      <div class="acts">
        <template v-if="written">
          <BButton size="sm" variant="outline-primary" @click="emit('write', i, null)">
            Take out
            <span class="visually-hidden">: {{ s.name }}</span>
          </BButton>
        </template>
        <template v-else>
          <BButton
            v-if="!unit.care"
            size="sm"
            :variant="composition.pinned.includes(s.exerciseKey) ? 'primary' : 'outline-primary'"
            :aria-pressed="composition.pinned.includes(s.exerciseKey)"
            @click="emit('pin', s.exerciseKey)"
          >
            {{ composition.pinned.includes(s.exerciseKey) ? 'Kept in' : 'Keep in' }}
            <span class="visually-hidden">: {{ s.name }}</span>
          </BButton>
          <BButton
            v-if="!unit.care"
            size="sm"
            variant="outline-primary"
            @click="swapping = swapping ? '' : s.exerciseKey"
          >
            Swap
            <span class="visually-hidden">: {{ s.name }}</span>
          </BButton>
          <BButton size="sm" variant="outline-primary" @click="emit('ban', s.exerciseKey)">
            Leave out
            <span class="visually-hidden">: {{ s.name }}</span>
          </BButton>
        </template>
      </div>
    </article>
  </section>
</template>

<style scoped>
.unit {
  margin-bottom: 0.7rem;
  padding: 0.6rem 1rem;
}
header {
  display: flex;
  gap: 0.8rem;
  align-items: baseline;
}
h3 {
  font-size: 1.05rem;
  font-weight: 650;
  margin: 0;
}
h4 {
  font-size: 1rem;
  font-weight: 650;
  margin: 0;
}
article {
  display: grid;
  grid-template-columns: 9.5rem 1fr auto;
  gap: 0.8rem;
  align-items: center;
  padding: 0.3rem 0;
}
.fig {
  height: 7.5rem;
}
/* Figure and load lead; where there is a pointer, what can be done to a line comes with it or with the focus. */
@media (hover: hover) and (min-width: 701px) {
  .acts:not(:has([aria-pressed='true'])) {
    opacity: 0;
  }
  article:hover .acts,
  article:focus-within .acts {
    opacity: 1;
  }
}
.dose {
  display: flex;
  flex-wrap: wrap;
  gap: 0 1rem;
  align-items: baseline;
  margin: 0;
}
.load {
  font-size: 1.15rem;
  font-weight: 650;
}
.marked {
  margin: 0.2rem 0 0;
  color: var(--ease);
  font-weight: 650;
}
.acts {
  display: flex;
  gap: 0.3rem;
}
h3 {
  white-space: nowrap;
}
header .ms-auto {
  white-space: nowrap;
}
@media (max-width: 900px) {
  /* A finger moves units with the buttons. */
  .grip {
    display: none;
  }
  article {
    grid-template-columns: 7rem 1fr;
  }
  .acts {
    grid-column: 2;
  }
}
@media (max-width: 700px) {
  article {
    grid-template-columns: 5rem 1fr;
  }
  .acts {
    grid-column: 1 / -1;
  }
}
.grip {
  cursor: grab;
  stroke: var(--quiet);
  align-self: center;
}
.unit.over {
  outline: 3px solid var(--tide);
}
.at-home,
.at-home-words {
  display: none;
}
@media print {
  article {
    grid-template-columns: 15rem 1fr;
    break-inside: avoid;
  }
  .fig,
  .grip {
    display: none;
  }
  .at-home {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    height: 6rem;
  }
  .at-home svg {
    height: 6rem;
  }
  .at-home-words {
    display: block;
    margin: 0.2rem 0 0;
  }
  .acts,
  header .ms-auto {
    display: none;
  }
}
</style>
