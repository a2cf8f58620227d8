<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Assessment } from '@/shared/api/types'
import { dated } from '@/shared/format'
import LimitList from '@/shared/LimitList.vue'
import NotAskedThen from '@/shared/NotAskedThen.vue'
import WhyValue from '@/shared/WhyValue.vue'

const props = defineProps<{ assessment: Assessment; brief?: boolean }>()
const all = ref(false)
const outcomeWords: Record<Assessment['outcome'], string> = {
  STOP_NOW: 'Stop now',
  REFER_TODAY: 'Refer today',
  REFER_BEFORE_LOADING: 'Refer before loading',
  INCOMPLETE: 'Not complete yet',
  GO_WITH_LIMITS: 'Go, with limits',
  GO: 'Go',
}
const missing = computed(() => (all.value ? props.assessment.missing : props.assessment.missing.slice(0, 3)))
</script>

<template>
  <section class="outcome" :class="[assessment.outcome.toLowerCase(), { whole: !brief }]" aria-live="polite">
    <h2>{{ outcomeWords[assessment.outcome] }}</h2>
    <div v-for="f in assessment.findings" :key="f.reason.ruleId + f.side + f.site" class="finding">
      <strong>
        <WhyValue :reason="f.reason" :about="f.whatToDo">{{ f.whatToDo }}</WhyValue>
      </strong>
      <span>{{ dated(f.reason.exact) }}</span>
    </div>
    <template v-if="assessment.missing.length">
      <p class="mb-1">{{ assessment.missing.length }} still to ask{{ brief ? '.' : ':' }}</p>
      <ul v-if="!brief" class="mb-1">
        <li v-for="m in missing" :key="m">{{ dated(m) }}</li>
      </ul>
      <button v-if="!brief && assessment.missing.length > 3" type="button" class="plain" @click="all = !all">
        {{ all ? 'fewer' : 'all of them' }}
      </button>
    </template>
    <template v-if="assessment.limits.length">
      <h3>Limits so far</h3>
      <LimitList :limits="assessment.limits" />
    </template>
    <p v-for="n in assessment.notes" :key="n" class="small mb-0 mt-2">{{ dated(n) }}</p>
    <NotAskedThen :questions="assessment.notAskedThen" class="mt-2" />
  </section>
</template>

<style scoped>
.outcome {
  border: 1px solid var(--line);
  border-left: 6px solid var(--line);
  border-radius: 8px;
  background: var(--card);
  padding: 0.8rem 1rem;
  margin-top: 0.8rem;
}
.outcome.whole {
  margin-top: 0;
}
.go,
.go_with_limits {
  border-left-color: var(--go);
}
.refer_today,
.refer_before_loading {
  border-left-color: var(--refer);
}
.stop_now {
  border-left-color: var(--ink);
}
.finding {
  display: grid;
  justify-items: start;
  margin-bottom: 0.5rem;
}
h3 {
  font-size: 1rem;
  font-weight: 650;
  margin-top: 0.8rem;
}
</style>
