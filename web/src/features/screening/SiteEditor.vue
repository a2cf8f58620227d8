<script setup lang="ts">
import { computed } from 'vue'
import type { ScreenQuestions, SiteRecord } from '@/shared/api/types'
import ChoiceGroup from '@/shared/ChoiceGroup.vue'
import { title, words } from '@/shared/format'
import PainScale from '@/shared/PainScale.vue'
import TextField from '@/shared/TextField.vue'

const model = defineModel<SiteRecord>({ required: true })
const props = defineProps<{ questions: ScreenQuestions; wrong: (field: string) => string | undefined }>()
defineEmits<{ remove: [] }>()

const rows = computed(() => props.questions.sites.find((s) => s.site === model.value.site)?.provocations ?? [])
const name = computed(() => `${words(model.value.side)} ${words(model.value.site)}`)
const arc = computed(() => model.value.site === 'TOP_OUTER_SHOULDER')

function change(part: Partial<SiteRecord>) {
  model.value = { ...model.value, ...part }
}
function toggle(key: string) {
  const has = model.value.provokedBy.includes(key)
  change({ provokedBy: has ? model.value.provokedBy.filter((k) => k !== key) : [...model.value.provokedBy, key] })
}
</script>

<template>
  <section class="panel mb-3 site">
    <div class="d-flex gap-3 align-items-baseline">
      <h2 class="copper">{{ title(model.side) }} {{ words(model.site) }}</h2>
      <BButton size="sm" variant="outline-primary" class="ms-auto" @click="$emit('remove')">Not sore after all</BButton>
    </div>
    <fieldset class="mb-3">
      <legend class="fs-6">What brings it on?</legend>
      <div class="choice">
        <button
          v-for="r in rows"
          :key="r.key"
          type="button"
          :aria-pressed="model.provokedBy.includes(r.key)"
          @click="toggle(r.key)"
        >
          {{ r.words }}
        </button>
      </div>
    </fieldset>
    <div class="grid">
      <PainScale
        :model-value="model.usualPain"
        :label="`Usual pain, ${name}`"
        @update:model-value="(v) => change({ usualPain: v })"
      />
      <PainScale
        :model-value="model.painInLightUse"
        label="At rest or in light use"
        @update:model-value="(v) => change({ painInLightUse: v })"
      />
      <PainScale
        :model-value="model.worstThisWeek"
        label="Worst this week"
        @update:model-value="(v) => change({ worstThisWeek: v })"
      />
      <PainScale
        :model-value="model.morningPain"
        label="This morning"
        @update:model-value="(v) => change({ morningPain: v })"
      />
    </div>
    <ChoiceGroup
      :model-value="model.settlesHours"
      label="Back to usual after use within"
      :options="[
        { value: 1, text: 'an hour' },
        { value: 8, text: 'the same day' },
        { value: 24, text: 'the next day' },
        { value: 48, text: 'longer' },
      ]"
      @update:model-value="(v) => change({ settlesHours: v })"
    />
    <TextField
      v-if="arc"
      :model-value="model.painfulArcFromDeg"
      type="number"
      label="Raising sideways, it begins to hurt at (degrees, if measured)"
      help="10 to 180; the loaded arm then stays 10 degrees below."
      :wrong="wrong('painfulArcFromDeg')"
      @update:model-value="(v) => change({ painfulArcFromDeg: v === '' || v === undefined ? undefined : Number(v) })"
    />
  </section>
</template>

<style scoped>
.site {
  border-left: 6px solid var(--copper);
}
.copper {
  color: var(--copper);
}
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(19rem, 1fr));
  gap: 0 2rem;
}
</style>
