<script setup lang="ts">
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import type { NextView } from '@/shared/api/types'
import { date, inUnits, timeOfDay } from '@/shared/format'
import { units } from '@/shared/units'
import WhyValue from '@/shared/WhyValue.vue'

const props = defineProps<{ next: NextView; clientId: string }>()
const stop = computed(() => props.next.refusals.some((r) => r.ruleId.startsWith('HOLD')))
const restDay = computed(() => props.next.plan && props.next.visitOn > props.next.today)
</script>

<template>
  <div class="step panel" :class="{ held: !next.plan, stop }">
    <template v-if="next.openSessionId">
      <p class="lead-line">A session is open.</p>
      <RouterLink :to="`/sessions/${next.openSessionId}/floor`" class="btn btn-primary">Go on with it</RouterLink>
      <RouterLink :to="`/sessions/${next.openSessionId}`" class="ms-3">See its plan</RouterLink>
    </template>
    <template v-else-if="!next.plan">
      <p class="lead-line">Nothing is planned.</p>
      <p v-for="r in next.refusals" :key="r.ruleId" class="mb-1">
        <WhyValue :reason="r" about="nothing is planned">{{ inUnits(r.exact, units) }}</WhyValue>
      </p>
      <p v-for="t in next.whatToDo" :key="t" class="todo">{{ t }}</p>
      <RouterLink :to="`/clients/${clientId}/screen`" class="btn btn-primary">Take a new screen</RouterLink>
      <RouterLink :to="`/clients/${clientId}/clearance`" class="ms-3">Referral and clearance</RouterLink>
    </template>
    <template v-else-if="next.morningFor">
      <p class="lead-line">The morning after the last session is not answered yet.</p>
      <RouterLink :to="`/sessions/${next.morningFor}/morning`" class="btn btn-primary">
        Ask about the morning
      </RouterLink>
    </template>
    <template v-else-if="restDay">
      <p class="lead-line">
        The next visit is on {{ date(next.visitOn) }}{{ next.booked ? ` at ${timeOfDay(next.booked.at)}` : '' }}.
      </p>
      <p class="mb-0 quiet">
        {{
          next.booked
            ? `Booked for ${next.booked.minutes} min, ${next.placeName}.`
            : 'On the client’s own days, 48 h after hard sets of the same muscle, inside the week’s sets.'
        }}
      </p>
    </template>
    <template v-else>
      <p class="lead-line">Ready for today{{ next.booked ? `, ${timeOfDay(next.booked.at)}` : '' }}.</p>
      <RouterLink :to="`/clients/${clientId}/door`" class="btn btn-primary">Door check, then today’s plan</RouterLink>
    </template>
  </div>
</template>

<style scoped>
.step {
  border-left: 6px solid var(--tide);
  margin-bottom: 1rem;
}
.step.held {
  border-left-color: var(--refer);
}
.step.stop {
  background: var(--ink);
  color: var(--ground);
}
.stop :deep(.why-button) {
  color: var(--ground);
}
.lead-line {
  font-size: 1.5rem;
  line-height: 1.25;
  font-weight: 650;
  margin-bottom: 0.5rem;
}
.todo {
  font-weight: 650;
}
</style>
