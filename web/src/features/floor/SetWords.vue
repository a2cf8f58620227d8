<script setup lang="ts">
import type { SetUpView, Slot, SlotGuide } from '@/shared/api/types'
import FaultChips from './FaultChips.vue'
import SetUpMemory from './SetUpMemory.vue'

/** Beside the set in front: cues, the one danger line, faults as chips, this client's set-up, and the way up and down. */
defineProps<{ clientId: string; slotOf: Slot; guide: SlotGuide; first: boolean }>()
const emit = defineEmits<{ kept: [view: SetUpView] }>()
const faults = defineModel<string[]>('faults', { required: true })
</script>

<template>
  <div class="words">
    <p v-if="guide.danger" class="danger">{{ guide.danger }}.</p>
    <p v-if="first && guide.firstPull" class="before">{{ guide.firstPull }}</p>
    <p v-if="slotOf.manner?.loweringOnly" class="cue">
      Lowering only: up with both arms or with help, down with the working arm.
    </p>
    <p v-if="slotOf.manner?.note" class="cue">{{ slotOf.manner.note }}</p>
    <p class="cue">{{ guide.cues.join('. ') }}. {{ guide.landmark }}.</p>
    <FaultChips v-model="faults" :faults="guide.faults" />
    <SetUpMemory
      :client-id="clientId"
      :exercise-key="slotOf.exerciseKey"
      :remembered="guide.remembered"
      @kept="emit('kept', $event)"
    />
    <p v-if="guide.up" class="updown">
      <b>Up:</b>
      {{ guide.up }}.
      <b>Down:</b>
      {{ guide.down }}.
    </p>
  </div>
</template>

<style scoped>
.cue {
  font-size: 1.1rem;
  margin: 0.4rem 0 0;
}
.danger {
  border-left: 5px solid var(--ease);
  padding-left: 0.6rem;
  font-weight: 650;
  margin-bottom: 0.3rem;
}
.before {
  border-left: 5px solid var(--tide);
  padding-left: 0.6rem;
  margin-bottom: 0.3rem;
}
.updown {
  margin-bottom: 0;
  color: var(--quiet);
}
@media (max-width: 700px) {
  .cue {
    font-size: 0.95rem;
    margin-top: 0;
  }
}
</style>
