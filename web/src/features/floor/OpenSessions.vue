<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { clock } from '@/shared/format'
import { openElsewhere } from './open'

/** Who else is on the floor with me? One press goes over; their rest goes on meanwhile. */
const props = defineProps<{ id: string }>()
const now = ref(Date.now())
let timer = 0
onMounted(() => (timer = window.setInterval(() => (now.value = Date.now()), 500)))
onBeforeUnmount(() => clearInterval(timer))
const others = computed(() =>
  openElsewhere(props.id, now.value).map((o) => ({
    ...o,
    left: Math.max(0, Math.ceil(((Number(sessionStorage.getItem(`kinesia.rest.${o.id}`)) || 0) - now.value) / 1000)),
  })),
)
</script>

<template>
  <RouterLink v-for="o in others" :key="o.id" :to="`/sessions/${o.id}/floor`" class="other">
    {{ o.name }}
    <span class="rest">{{ o.left ? clock(o.left) : 'ready' }}</span>
  </RouterLink>
</template>

<style scoped>
.other {
  display: inline-flex;
  align-items: center;
  gap: 0.5rem;
  min-height: 44px;
  padding: 0 0.9rem;
  border: 2px solid var(--tide);
  border-radius: 22px;
  text-decoration: none;
  font-weight: 650;
}
.rest {
  min-width: 3.4ch;
  color: var(--quiet);
  font-variant-numeric: tabular-nums;
}
</style>
