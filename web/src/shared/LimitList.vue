<script setup lang="ts">
import { computed } from 'vue'
import type { Limit } from './api/types'
import { date } from './format'
import { grouped } from './limits'
import WhyButton from './WhyButton.vue'

const props = defineProps<{ limits: Limit[]; none?: string }>()
const groups = computed(() => grouped(props.limits))
</script>

<template>
  <p v-if="!groups.length" class="quiet mb-0">{{ none ?? 'No limits.' }}</p>
  <ul v-else class="limits">
    <li v-for="(g, i) in groups" :key="i">
      <div :class="{ place: g.limits[0]!.site }">
        {{ g.place }}
        <WhyButton :reason="g.limits[0]!.reason" :about="`limits of the ${g.place}: ${g.phrases.join(', ')}`" />
        <span class="quiet small">look again {{ date(g.limits[0]!.lookAgainOn).slice(4) }}</span>
      </div>
      <div v-for="p in g.phrases" :key="p">{{ p }}</div>
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
