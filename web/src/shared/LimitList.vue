<script setup lang="ts">
import { computed } from 'vue'
import type { Limit } from './api/types'
import { date } from './format'
import { grouped, isUsual } from './limits'
import WhyValue from './WhyValue.vue'

/** What each place has to stay out of, as one line; what holds for everybody is not said again. */
const props = defineProps<{ limits: Limit[]; none?: string }>()
const groups = computed(() => grouped(props.limits).filter((g) => !isUsual(g)))
const lookAgain = (all: Limit[]) => all.map((l) => l.lookAgainOn).sort()[0]!
</script>

<template>
  <p v-if="!groups.length" class="quiet mb-0">{{ none ?? 'No limits.' }}</p>
  <ul v-else class="limits">
    <li v-for="g in groups" :key="g.place">
      <div>
        <span :class="{ place: g.limits[0]!.site }">{{ g.place }}</span>
        <span class="quiet small ms-2">look again {{ date(lookAgain(g.limits)).slice(4) }}</span>
      </div>
      <template v-for="(p, i) in g.phrases" :key="p">
        <!-- The comma belongs to the phrase: after one of two lines it would begin a line of its own. -->
        <WhyValue :reason="g.limits[i]!.reason" :about="`${p}, ${g.place}`">
          {{ p }}{{ i < g.phrases.length - 1 ? ',' : '' }}
        </WhyValue>
      </template>
    </li>
  </ul>
</template>

<style scoped>
.limits {
  list-style: none;
  padding: 0;
  margin: 0;
}
.limits li {
  padding: 0.35rem 0;
  border-bottom: 1px solid color-mix(in srgb, var(--line) 30%, transparent);
}
.place {
  color: var(--copper);
}
</style>
