<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import type { AtlasItem, Site } from '@/shared/api/types'
import FigureDrawing from '@/shared/FigureDrawing.vue'
import { words } from '@/shared/format'
import WhyValue from '@/shared/WhyValue.vue'

/** One exercise of the atlas: what it looks like, what a colleague would say of it, and what its sore places pay. */
const props = defineProps<{
  item: AtlasItem
  to: string
  watched: Site[]
  chosen: boolean
  full: boolean
}>()
const emit = defineEmits<{ choose: [] }>()
const out = computed(() => props.item.whyNot.length > 0)
</script>

<template>
  <article :class="['card-item', { out }]">
    <RouterLink :to="to" class="drawing" tabindex="-1" aria-hidden="true">
      <FigureDrawing :figure="item.still" :progress="0.5" ghost />
    </RouterLink>
    <RouterLink :to="to" class="name">{{ item.name }}</RouterLink>
    <div v-if="item.variationId" class="small quiet">the room’s own variation</div>
    <div v-if="out" class="small why-not">
      <WhyValue :reason="item.whyNot[0]" :about="`${item.name} is left out`">
        Left out: {{ item.whyNot[0]!.exact }}
      </WhyValue>
    </div>
    <template v-else-if="item.says">
      <p class="small mb-0">{{ item.says }}</p>
      <p v-if="item.beforeNext" class="small quiet mb-0">
        <WhyValue :reason="item.worthReason" :about="`${item.name} stands here`">{{ item.beforeNext }}</WhyValue>
      </p>
    </template>
    <div v-if="item.rangeReason && !out" class="small quiet">
      <WhyValue :reason="item.rangeReason" :about="`range of ${item.name}`">shorter range</WhyValue>
    </div>
    <div v-for="s in item.modelled ? watched : []" :key="s" class="small stress">
      <span class="quiet">{{ words(s) }}</span>
      <span>{{ item.stressWords[s] }}</span>
    </div>
    <BFormCheckbox
      class="small choose"
      :model-value="chosen"
      :disabled="full && !chosen"
      @update:model-value="emit('choose')"
    >
      compare
    </BFormCheckbox>
  </article>
</template>

<style scoped>
.card-item {
  background: var(--card);
  border: 1px solid color-mix(in srgb, var(--line) 45%, transparent);
  border-radius: 8px;
  padding: 0.6rem 0.7rem;
  display: flex;
  flex-direction: column;
  gap: 0.15rem;
}
.drawing {
  height: 8.5rem;
  display: flex;
  justify-content: center;
}
.out .drawing {
  opacity: 0.45;
}
.name {
  font-weight: 650;
  color: var(--ink);
  text-decoration: none;
  line-height: 1.25;
}
.name:hover {
  text-decoration: underline;
}
.why-not {
  color: var(--copper);
}
.stress {
  display: flex;
  justify-content: space-between;
  gap: 0.5rem;
}
.choose {
  margin-top: auto;
  display: flex;
  gap: 0.4rem;
  align-items: center;
  min-height: 1.8rem;
}
.choose input {
  width: 1.2rem;
  height: 1.2rem;
}
</style>
