<script setup lang="ts">
import { ref } from 'vue'
import type { SessionView, Side, Site } from '@/shared/api/types'
import ArmsMap from '@/shared/ArmsMap.vue'
import { words } from '@/shared/format'
import PainScale from '@/shared/PainScale.vue'

const props = defineProps<{ soreSites: SessionView['soreSites'] }>()
const emit = defineEmits<{ keep: [pain: number, site: Site, side: Side]; cancel: [] }>()
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
</script>

<template>
  <section class="hurt" aria-label="It hurts">
    <div class="head">
      <h2>{{ place ? `${words(place.side)} ${words(place.site)}` : 'Where does it hurt?' }}</h2>
      <button type="button" class="plain" @click="emit('cancel')">back</button>
    </div>
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
    <PainScale v-model="pain" label="How much, during this set?" />
    <p class="small quiet mb-2">
      Over 5 ends this exercise. Stop and ask a licensed clinician if it is sharp, catches, gives way or tingles.
    </p>
    <BButton
      variant="primary"
      size="lg"
      class="w-100"
      :disabled="!place || pain === undefined"
      @click="emit('keep', pain!, place!.site, place!.side)"
    >
      Log the set with this pain
    </BButton>
  </section>
</template>

<style scoped>
.hurt {
  max-width: 34rem;
  margin: 0 auto;
  padding: 0.6rem 1rem;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
}
.hurt :deep(.arms) {
  max-width: 24rem;
  margin: 0 auto;
}
@media (max-width: 700px) {
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
</style>
