<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api, ask } from '@/shared/api/client'
import type { ReviewsView } from '@/shared/api/types'
import { date } from '@/shared/format'
import { useCall } from '@/shared/useCall'
import { outcomesOf } from './story'
import StoryFigure from './StoryFigure.vue'
import WhyValue from '@/shared/WhyValue.vue'

/** What the last block came to, in one line of the client's story. */
const props = defineProps<{ clientId: string }>()
const { run } = useCall()
const view = ref<ReviewsView | null>(null)
onMounted(async () => {
  const path = { params: { path: { clientId: props.clientId } } }
  view.value = (await run(() => ask(() => api.GET('/api/clients/{clientId}/reviews', path)))) ?? null
})
const reviews = computed(() => view.value?.reviews ?? [])
const last = computed(() => reviews.value[0])
const chart = computed(() => outcomesOf(reviews.value))
</script>

<template>
  <section v-if="last" class="panel">
    <h2>Last review, {{ date(last.on) }}</h2>
    <p v-if="last.compared" class="mb-1">
      <WhyValue :reason="last.compared.proposal.reason" about="what the last block came to">
        {{ last.compared.proposal.words }}.
      </WhyValue>
    </p>
    <p class="mb-0">
      <b>Decided:</b>
      {{ last.decision }}
      <RouterLink :to="`/clients/${clientId}/review`" class="ms-2">See it</RouterLink>
    </p>
    <StoryFigure
      v-if="reviews.length > 1"
      title="What matters to the client"
      says="0 cannot, 10 as ever; two points are a change"
      class="bare"
      :chart="chart"
      :heads="['Review', ...chart.lines.map((l) => l.name)]"
      :rows="chart.days.map((d, i) => [date(d), ...chart.lines.map((l) => l.values[i] ?? 'not asked')])"
    />
  </section>
</template>

<style scoped>
.bare {
  margin: 0.8rem 0 0;
  padding: 0;
  border: 0;
}
</style>
