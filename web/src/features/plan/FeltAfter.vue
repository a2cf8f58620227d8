<script setup lang="ts">
import type { MorningView } from '@/shared/api/types'
import { date, title, words } from '@/shared/format'
import { computed } from 'vue'

/** What the client felt on the morning after a session, against what is usual. */
const props = defineProps<{ morning: MorningView }>()
const answers = computed(() => props.morning.answers)
const usual = (site: string, side: string) =>
  props.morning.places.find((p) => p.site === site && p.side === side)?.usual
const besides = computed(() => {
  const a = answers.value
  if (!a) return []
  return [
    `muscle soreness ${a.muscleSoreness}${a.soreSide ? `, ${words(a.soreSide)} arm alone` : ''}`,
    ...(a.stiffMinutes ? [`stiff for ${a.stiffMinutes} min`] : []),
    ...(a.sleepHours === undefined ? [] : [`slept ${a.sleepHours} h`]),
    ...(a.sharp ? ['sharp or catching'] : []),
    ...(a.tinglingStays ? ['tingling that stays'] : []),
  ]
})
</script>

<template>
  <section class="panel">
    <h2>What was felt{{ answers ? `, ${date(answers.on)}` : '' }}</h2>
    <p v-if="!answers" class="quiet mb-0">Nobody has said yet how the morning after was.</p>
    <template v-else>
      <p v-for="s in answers.sites" :key="s.site + s.side" class="mb-1">
        <span :class="{ copper: s.pain > 0 }">{{ title(`${words(s.side)} ${words(s.site)}`) }}</span>
        <b class="ms-2">{{ s.pain }}</b>
        <span v-if="usual(s.site, s.side) !== undefined" class="quiet ms-1">usual {{ usual(s.site, s.side) }}</span>
      </p>
      <p class="quiet mb-0">{{ title(besides.join(', ')) }}</p>
    </template>
  </section>
</template>

<style scoped>
.copper {
  color: var(--copper);
}
</style>
