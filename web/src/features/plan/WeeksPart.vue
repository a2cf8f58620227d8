<script setup lang="ts">
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import type { BlockLine } from '@/shared/api/types'
import { date } from '@/shared/format'
import { goals } from '@/shared/options'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import DoneInBlock from './DoneInBlock.vue'
import type { useDays } from './useDays'
import FoldPart from '@/shared/FoldPart.vue'

/** What are these weeks for, which one is lighter, and what was in them? A spell of keeping starts and ends here. */
const props = defineProps<{ from: ReturnType<typeof useDays>; clientId: string }>()
const emit = defineEmits<{ changed: [] }>()
const { busy, problem, days, keepWeeks, endWeeks } = props.from

const spell = ref(2)
const id = ref(crypto.randomUUID())
const now = computed(() => days.value?.blocks.find((b) => b.week > 0))
const ahead = computed(() => days.value?.blocks.filter((b) => b.startsOn > (days.value?.today ?? '')) ?? [])
const before = computed(
  () => days.value?.blocks.filter((b) => b.week === 0 && b.startsOn <= (days.value?.today ?? '')) ?? [],
)
const aim = (b: BlockLine) => goals.find((g) => g.value === b.aim)?.text ?? ''
async function keepSpell() {
  const block = { startsOn: days.value!.today, weeks: spell.value, aim: 'KEEP' as const, newExercises: false }
  if (!(await keepWeeks(block, id.value))) return
  id.value = crypto.randomUUID()
  emit('changed')
}
async function end(b: BlockLine) {
  if (await endWeeks(b.id)) emit('changed')
}
</script>

<template>
  <section class="panel">
    <h2>These weeks</h2>
    <ProblemNotice :problem="problem" />
    <template v-if="now">
      <p class="mb-1">
        <strong>Week {{ now.week }} of {{ now.weeks }}: {{ aim(now) }}.</strong>
        Until {{ date(now.endsOn)
        }}{{ now.lighterFrom ? `, the lighter week from ${date(now.lighterFrom)}` : ', no lighter week' }}.
      </p>
      <DoneInBlock :done="now.done" />
    </template>
    <p v-else class="quiet">
      No block goes on.
      <RouterLink :to="`/clients/${clientId}/compose`">Lay the weeks ahead out</RouterLink>
      and keep them, or keep to what is there for a while.
    </p>
    <p v-for="b in ahead" :key="b.id" class="mb-1">
      From {{ date(b.startsOn) }}: {{ aim(b) }}, {{ b.weeks === 1 ? '1 week' : `${b.weeks} weeks` }}.
      <button type="button" class="plain" :disabled="busy" @click="end(b)">Drop it</button>
    </p>
    <div class="acts">
      <form v-if="now?.aim !== 'KEEP'" class="spell" @submit.prevent="keepSpell">
        <label>
          Travel, illness, a tired spell: only keep what is there for
          <BFormInput
            v-model.number="spell"
            type="number"
            min="1"
            max="12"
            size="sm"
            class="few"
            aria-label="Weeks of keeping"
          />
          weeks
        </label>
        <BButton type="submit" size="sm" variant="outline-primary" :disabled="busy">Keep</BButton>
      </form>
      <button v-if="now" type="button" class="plain" :disabled="busy" @click="end(now)">
        End {{ now.aim === 'KEEP' ? 'the spell' : 'the block' }} today
      </button>
    </div>
    <FoldPart v-if="before.length" title="Blocks before" class="mt-2">
      <div v-for="b in before" :key="b.id" class="mt-2">
        <strong>{{ date(b.startsOn) }} to {{ date(b.endsOn) }}: {{ aim(b) }}</strong>
        <DoneInBlock :done="b.done" />
      </div>
    </FoldPart>
  </section>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 2rem;
  align-items: center;
}
.spell {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 0.8rem;
  align-items: center;
}
</style>
