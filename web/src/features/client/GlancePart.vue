<script setup lang="ts">
import { computed } from 'vue'
import type { Change, ClientStory, Limit, NextView } from '@/shared/api/types'
import { inUnits, title, words } from '@/shared/format'
import { grouped, shortWords } from '@/shared/limits'
import { units } from '@/shared/units'
import WhyValue from '@/shared/WhyValue.vue'

/** What a trainer asks before the client comes in, answered in a few words each; the value is the why. */
const props = defineProps<{
  next: NextView
  limits: Limit[]
  stories: ClientStory['places']
  sorest?: { site: string; side: string }
}>()

const MOST_SAID = 4
const place = computed(() => props.sorest && `${words(props.sorest.side)} ${words(props.sorest.site)}`)
const may = computed(() => {
  const groups = grouped(props.limits, shortWords)
  const of = groups.find((g) => g.place === place.value) ?? groups.find((g) => g.limits[0]!.side)
  return of && { ...of, more: Math.max(0, of.phrases.length - MOST_SAID) }
})

const kinds: Partial<Record<Change['kind'], string>> = {
  LOAD: 'load',
  REPS: 'repetitions',
  EFFORT: 'effort',
  REST: 'rest',
}
// Each arm with a load of its own is too long to be read at a glance.
const SHORT = 18
const changed = computed(() => {
  const c = props.next.changes[0]
  if (!c) return undefined
  const from = inUnits(c.from, units.value)
  const to = inUnits(c.to, units.value)
  return {
    reason: c.reason,
    words:
      c.kind === 'SWAPPED_OUT'
        ? `${c.exerciseName} left out`
        : c.kind === 'SWAPPED_IN'
          ? `${c.exerciseName} is new`
          : `${c.exerciseName}: ${[kinds[c.kind], to.length <= SHORT && `${from} → ${to}`].filter(Boolean).join(' ')}`,
    more: new Set(props.next.changes.map((o) => o.exerciseName)).size - 1,
  }
})

const directions = { BETTER: 'Better', ABOUT_THE_SAME: 'About the same', WORSE: 'Worse' }
const story = computed(
  () =>
    props.stories.find((s) => s.place.site === props.sorest?.site && s.place.side === props.sorest?.side) ??
    props.stories[0],
)
</script>

<template>
  <dl class="glance">
    <div>
      <dt>What the {{ may?.place ?? place ?? 'arms' }} may do</dt>
      <dd v-if="may">
        <template v-for="(p, i) in may.phrases.slice(0, MOST_SAID)" :key="p">
          <WhyValue :reason="may.limits[i]!.reason" :about="`${p}, ${may.place}`">
            {{ i ? p : title(p) }}{{ i < Math.min(MOST_SAID, may.phrases.length) - 1 ? ',' : '' }}
          </WhyValue>
          {{ ' ' }}
        </template>
        <span v-if="may.more" class="more">and {{ may.more }} more</span>
      </dd>
      <dd v-else>Everything, without pain</dd>
    </div>
    <div v-if="next.plan">
      <dt>What changed</dt>
      <dd v-if="changed">
        <WhyValue :reason="changed.reason" about="what changed">{{ changed.words }}</WhyValue>
        <span v-if="changed.more" class="more">{{ ' ' }}and {{ changed.more }} more</span>
      </dd>
      <dd v-else>Nothing: the same again</dd>
    </div>
    <div>
      <dt>Is {{ story ? `the ${story.words}` : 'it' }} getting better?</dt>
      <dd v-if="story?.trend">
        <WhyValue :reason="story.trend.reason" :about="`how the ${story.words} goes`">
          {{ directions[story.trend.direction] }}
        </WhyValue>
      </dd>
      <dd v-else>{{ place ? 'Too early to say' : 'Nothing is sore' }}</dd>
    </div>
    <div v-if="next.ifItHurts">
      <dt>If it hurts</dt>
      <dd>
        <WhyValue :reason="next.ifItHurts.reason" about="what pain would change">
          {{ next.ifItHurts.words }}
        </WhyValue>
      </dd>
    </div>
  </dl>
</template>

<style scoped>
.glance {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 0.5rem 1.5rem;
  margin: 0 0 1rem;
}
dt {
  font-weight: 400;
  font-size: 0.95rem;
  color: var(--quiet);
}
dd {
  margin: 0;
  font-size: 1.5rem;
  line-height: 1.25;
}
.more {
  white-space: nowrap;
  font-size: 1rem;
  color: var(--quiet);
}
@media (max-width: 900px) {
  .glance {
    grid-template-columns: minmax(0, 1fr);
    gap: 0.25rem;
    margin-bottom: 0.6rem;
  }
  dt {
    font-size: 0.9rem;
    line-height: 1.2;
  }
}
</style>
