<script setup lang="ts">
import FoldPart from './FoldPart.vue'

/** Questions that came after the last screen: they hold nothing up, and are asked at the next visit. */
defineProps<{ questions: string[] }>()
</script>

<template>
  <FoldPart
    v-if="questions.length"
    :title="`${questions.length === 1 ? 'One question was' : `${questions.length} questions were`} not asked at that screen: ask at the next visit`"
    small
  >
    <ul class="mb-0">
      <li v-for="q in questions" :key="q">{{ q }}</li>
    </ul>
  </FoldPart>
</template>
