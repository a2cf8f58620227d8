<script setup lang="ts">
/** Which unit is stamped on the thing. The numbers stay as they were read off it. */
const pounds = defineModel<boolean>({ required: true })
defineProps<{ name: string }>()
</script>

<template>
  <div class="stamped choice" role="group" :aria-label="`${name} are stamped in`">
    <button type="button" :aria-pressed="!pounds" @click="pounds = false">kg</button>
    <button type="button" :aria-pressed="pounds" @click="pounds = true">lb</button>
  </div>
</template>
