<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { StrengthPicture } from '@/shared/api/types'
import { date, mass, title } from '@/shared/format'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { units } from '@/shared/units'
import { useCall } from '@/shared/useCall'
import WhyValue from '@/shared/WhyValue.vue'

const props = defineProps<{ clientId: string }>()
const { problem, run } = useCall()
const picture = ref<StrengthPicture | null>(null)

onMounted(async () => {
  const path = { params: { path: { clientId: props.clientId } } }
  picture.value = (await run(() => ask(() => api.GET('/api/clients/{clientId}/strength', path)))) ?? null
})

type Part = StrengthPicture['parts'][number]
const groups = computed(() =>
  (['FLEXORS', 'EXTENSORS'] as const).map((group) => {
    const parts = (picture.value?.parts ?? []).filter((p) => p.group === group)
    // A round end of the scale beyond everything on it.
    const most = Math.max(1, ...parts.flatMap((p) => [p.kg, p.highKg])) * 1.15
    return {
      group,
      name: group === 'FLEXORS' ? 'Front of the arm' : 'Back of the arm',
      like: group === 'FLEXORS' ? picture.value?.frontLike : picture.value?.backLike,
      parts,
      at: (kg: number) => `${Math.min(100, (100 * kg) / most)}%`,
      width: (from: number, to: number) => `${(100 * (to - from)) / most}%`,
    }
  }),
)
function against(p: Part): string {
  return p.kg < p.lowKg ? 'under most of that age' : p.kg > p.highKg ? 'over most of that age' : 'usual for that age'
}
</script>

<template>
  <section class="panel strength">
    <h2>Strength</h2>
    <ProblemNotice :problem="problem" />
    <template v-if="picture">
      <p class="quiet small">
        What each arm holds for 12 repetitions at effort 7; the band is the middle half of that age.
      </p>
      <div v-for="g in groups" :key="g.group" class="mb-3">
        <h3>
          {{ g.name }}
          <span class="quiet small fw-normal">as {{ g.like?.toLowerCase() }}, one hand</span>
        </h3>
        <div v-for="p in g.parts" :key="p.side" class="arm">
          <span class="side">{{ title(p.side) }}</span>
          <span class="scale" aria-hidden="true">
            <span class="band" :style="{ left: g.at(p.lowKg), width: g.width(p.lowKg, p.highKg) }" />
            <span class="here" :class="{ shown: p.shownOn }" :style="{ left: g.at(p.kg) }" />
          </span>
          <span class="kg">about {{ mass(Number(p.kg.toFixed(1)), units) }}</span>
          <span class="quiet small said">
            <WhyValue :reason="p.reason" :about="`strength of the ${title(p.side).toLowerCase()} arm`">
              {{ p.shownOn ? `shown ${date(p.shownOn)}` : 'from the norms' }}, {{ against(p) }}
            </WhyValue>
          </span>
        </div>
      </div>
      <p class="quiet small mb-0">{{ picture.norm }}.</p>
    </template>
  </section>
</template>

<style scoped>
h3 {
  font-size: 1rem;
}
.arm {
  display: grid;
  grid-template-columns: 3.2rem minmax(8rem, 1fr) 7rem minmax(12rem, 1.2fr);
  gap: 0.6rem;
  align-items: center;
  min-height: 2rem;
}
.scale {
  position: relative;
  height: 1.1rem;
  border-bottom: 1px solid var(--line);
}
.band {
  position: absolute;
  top: 0.15rem;
  bottom: 0.15rem;
  background: var(--line);
  opacity: 0.35;
}
.here {
  position: absolute;
  top: 0.1rem;
  width: 0.9rem;
  height: 0.9rem;
  margin-left: -0.45rem;
  border: 2px solid var(--tide);
  border-radius: 50%;
  background: var(--card);
}
.here.shown {
  background: var(--tide);
}
.kg {
  font-variant-numeric: tabular-nums;
}
@media (max-width: 640px) {
  .arm {
    grid-template-columns: 3.2rem 1fr auto;
  }
  .said {
    grid-column: 2 / -1;
  }
}
</style>
