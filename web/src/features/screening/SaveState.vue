<script setup lang="ts">
import type { useScreen } from './useScreen'

/** Where the answers are: on the server, on the way, or on this device only. */
defineProps<{ screen: ReturnType<typeof useScreen> }>()
</script>

<template>
  <div class="small" role="status">
    <template v-if="screen.theirs.value">
      <strong>{{ screen.theirs.value.changedBy }} went on with this screen elsewhere.</strong>
      <BButton size="sm" variant="outline-primary" class="mx-2" @click="screen.resolve(false)">Take theirs</BButton>
      <BButton size="sm" variant="outline-primary" @click="screen.resolve(true)">Keep mine</BButton>
    </template>
    <span v-else-if="screen.saved.value === 'here'">
      <strong>Kept on this device only.</strong>
      {{ screen.saveProblem.value?.detail }}
    </span>
    <span v-else class="quiet">
      {{
        screen.saved.value === 'saving'
          ? 'Saving …'
          : screen.resumed.value
            ? 'Taken up where it was left; saved'
            : 'Saved as you go'
      }}
    </span>
  </div>
</template>
