<script lang="ts">
import type { PainKind, Side, Site } from '@/shared/api/types'

export interface Hurt {
  pain: number
  site: Site
  side: Side
  kind?: PainKind
  /** Where in the lift, 0 to 1. */
  moment: number
}
</script>

<script setup lang="ts">
import { ref } from 'vue'
import type { Figure, SessionView } from '@/shared/api/types'
import ArmsMap from '@/shared/ArmsMap.vue'
import FigureDrawing from '@/shared/FigureDrawing.vue'
import { words } from '@/shared/format'
import PainScale from '@/shared/PainScale.vue'

/** Where, how much, what kind, and where in the lift: then the set is logged with it and the smallest change is looked for. */
const props = defineProps<{ soreSites: SessionView['soreSites']; figure: Figure }>()
const emit = defineEmits<{ keep: [said: Hurt]; cancel: [] }>()
const first = props.soreSites[0]
const place = ref<{ site: Site; side: Side } | undefined>(first ? { site: first.site, side: first.side } : undefined)
const pain = ref<number>()
const sites: Site[] = [
  'OUTER_ELBOW',
  'INNER_ELBOW',
  'BACK_OF_ELBOW',
  'CROOK_OF_ELBOW',
  'FRONT_OF_SHOULDER',
  'TOP_OUTER_SHOULDER',
  'TOP_JOINT_OF_SHOULDER',
  'WRIST',
]
const sides: Side[] = ['LEFT', 'RIGHT']
const kind = ref<PainKind>()
const kinds: { value: PainKind; text: string }[] = [
  { value: 'SHARP', text: 'sharp' },
  { value: 'CATCHING', text: 'catching' },
  { value: 'GIVING_WAY', text: 'giving way' },
  { value: 'TINGLING', text: 'tingling' },
]
const moment = ref(0.5)
</script>

<template>
  <section class="hurt" aria-label="It hurts">
    <div class="head">
      <h2>{{ place ? `${words(place.side)} ${words(place.site)}` : 'Where does it hurt?' }}</h2>
      <button type="button" class="plain" @click="emit('cancel')">back</button>
    </div>
    <div class="where">
      <ArmsMap
        :marks="place ? [{ ...place, text: pain === undefined ? '' : String(pain) }] : []"
        picking
        caption="Where it hurts"
        @pick="(site, side) => (place = { site, side })"
      />
      <div class="choice" role="group" aria-label="Which arm">
        <button
          v-for="s in sides"
          :key="s"
          type="button"
          :aria-pressed="place?.side === s"
          @click="place = { site: place?.site ?? sites[0]!, side: s }"
        >
          {{ words(s) }}
        </button>
      </div>
      <div class="choice" role="group" aria-label="Which place">
        <button
          v-for="s in sites"
          :key="s"
          type="button"
          :aria-pressed="place?.site === s"
          @click="place = { site: s, side: place?.side ?? 'RIGHT' }"
        >
          {{ words(s) }}
        </button>
      </div>
    </div>
    <div>
      <PainScale v-model="pain" label="How much, during this set?" />
      <div class="choice" role="group" aria-label="What kind">
        <button
          v-for="k in kinds"
          :key="k.value"
          type="button"
          :aria-pressed="kind === k.value"
          @click="kind = kind === k.value ? undefined : k.value"
        >
          {{ k.text }}
        </button>
      </div>
      <div class="moment">
        <FigureDrawing :figure="figure" :progress="moment" class="still" />
        <label>
          Where in the lift
          <BFormInput v-model.number="moment" type="range" min="0" max="1" step="0.02" />
        </label>
      </div>
      <p class="small quiet mb-2">
        Over 5, or any of the four kinds, ends this exercise. Where it stays or comes back, ask a licensed clinician.
      </p>
      <BButton
        variant="primary"
        size="lg"
        class="w-100"
        :disabled="!place || pain === undefined"
        @click="emit('keep', { pain: pain!, ...place!, kind, moment })"
      >
        Log the set with this pain
      </BButton>
    </div>
  </section>
</template>

<style scoped>
.hurt {
  max-width: 68rem;
  margin: 0 auto;
  padding: 0.6rem 1rem;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 2rem;
  align-items: start;
}
.head {
  grid-column: 1 / -1;
  display: flex;
  justify-content: space-between;
  align-items: baseline;
}
.hurt :deep(.arms) {
  max-width: 24rem;
  margin: 0 auto;
}
@media (max-width: 700px) {
  .hurt {
    grid-template-columns: minmax(0, 1fr);
    padding: 0.2rem 0;
  }
  .hurt .btn {
    position: sticky;
    bottom: 0.4rem;
  }
  .hurt :deep(.arms) {
    max-width: 15rem;
  }
}
.choice {
  margin: 0.2rem 0 0.4rem;
}
.choice button {
  min-height: 44px;
}
.plain {
  min-height: 44px;
}
.moment {
  display: grid;
  grid-template-columns: 8rem 1fr;
  gap: 1rem;
  align-items: center;
}
.moment input {
  width: 100%;
  min-height: 44px;
}
.still {
  max-height: 7rem;
}
</style>
