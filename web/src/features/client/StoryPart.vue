<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ClientStory } from '@/shared/api/types'
import { date, inUnits, title } from '@/shared/format'
import { units } from '@/shared/units'
import StoryFigure from './StoryFigure.vue'
import { growthOf, ribbonOf, weeksOf } from './story'

/** Is it getting better? How each place answered, how each exercise grew, and the sets of the weeks; each also as a table. */
const props = defineProps<{ story: ClientStory }>()
const SHOWN = 6
const all = ref(false)
const last = computed(() => props.story.weeks[props.story.weeks.length - 1])
const exercises = computed(() => (all.value ? props.story.exercises : props.story.exercises.slice(0, SHOWN)))
</script>

<template>
  <section v-if="story.places.length || story.exercises.length" class="story" aria-label="The story so far">
    <h2>The story so far</h2>
    <StoryFigure
      v-for="p in story.places"
      :key="p.words"
      :title="title(p.words)"
      says="pain the morning after each session, against the usual"
      :chart="ribbonOf(p)"
      :heads="['Session', 'usual', 'during', 'next morning', 'signal']"
      :rows="
        p.sessions.map((s) => [date(s.on), s.usual, s.during, s.morning ?? 'not answered', s.signal.toLowerCase()])
      "
    />
    <div class="growth">
      <StoryFigure
        v-for="e in exercises"
        :key="e.exerciseKey"
        :title="e.name"
        :chart="growthOf(e, units)"
        :heads="['Session', 'load', 'best set', 'sets']"
        :rows="e.days.map((d) => [date(d.on), inUnits(d.load, units), `${d.reps} repetitions`, d.sets])"
      />
    </div>
    <BButton v-if="story.exercises.length > SHOWN" size="sm" variant="link" @click="all = !all">
      {{ all ? 'Only the most used' : `And ${story.exercises.length - SHOWN} more exercises` }}
    </BButton>
    <StoryFigure
      title="Sets a week"
      :says="inUnits(last?.aim.exact ?? '', units)"
      :reason="last?.aim"
      :chart="weeksOf(story.weeks)"
      :heads="['Week of', 'front, hard', 'easy', 'aim', 'back, hard', 'easy', 'aim', 'most in seven days']"
      :rows="
        story.weeks.map((w) => [
          date(w.monday),
          w.flexors.hard,
          w.flexors.easy,
          w.flexorsAim,
          w.extensors.hard,
          w.extensors.easy,
          w.extensorsAim,
          w.most,
        ])
      "
    />
  </section>
</template>

<style scoped>
.growth {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(17rem, 100%), 1fr));
  gap: 0 0.6rem;
}
</style>
