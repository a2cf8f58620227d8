<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Assessment, CheckResult, Figure, ScreenQuestions, Side, SiteRecord } from '@/shared/api/types'
import { withCheck } from './answers'
import CheckCard from './CheckCard.vue'

/** The movement checks that a limit hinges on; the others for the sore places are folded away. */
const model = defineModel<CheckResult[]>({ required: true })
const props = defineProps<{
  questions: ScreenQuestions
  figures: Record<string, Figure>
  sites: SiteRecord[]
  assessment: Assessment
  wrong: (field: string) => string | undefined
}>()

// Once shown a check stays, so that it does not fold away under the hand that is filling it in.
const seen = ref(new Set<string>())
const hinging = computed(() => {
  props.assessment.checks.forEach((a) => seen.value.add(a.check))
  model.value.forEach((r) => seen.value.add(r.check))
  return props.questions.checks.filter((c) => seen.value.has(c.key))
})
const others = computed(() =>
  props.questions.checks.filter(
    (c) => !seen.value.has(c.key) && c.sites.some((s) => props.sites.some((own) => own.site === s)),
  ),
)
const unfolded = ref(false)
const shown = computed(() => (unfolded.value ? [...hinging.value, ...others.value] : hinging.value))

function change(key: string, side: Side, part: Partial<CheckResult>) {
  model.value = withCheck(model.value, key, side, part)
}
</script>

<template>
  <p class="quiet mb-2">
    Slowly, the good side first, and only what is easy to try: stop at the first sharp pain. None is a must; without one
    the cautious limit stays.
  </p>
  <p v-if="!shown.length">No limit hinges on a movement check.</p>
  <CheckCard
    v-for="c in shown"
    :key="c.key"
    :check="c"
    :figure="figures[c.key]"
    :asks="assessment.checks"
    :results="model"
    :readings="assessment.readings"
    :wrong="wrong(c.key)"
    @change="(side, part) => change(c.key, side, part)"
  />
  <BButton v-if="others.length && !unfolded" size="sm" variant="outline-primary" @click="unfolded = true">
    {{ others.length }} more that measure, and change no limit
  </BButton>
</template>
