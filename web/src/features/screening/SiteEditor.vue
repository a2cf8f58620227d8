<script setup lang="ts">
import { computed } from 'vue'
import type { ScreenQuestions, SiteRecord } from '@/shared/api/types'
import ChoiceGroup from '@/shared/ChoiceGroup.vue'
import { title, words } from '@/shared/format'
import { yesNo } from '@/shared/options'
import PainScale from '@/shared/PainScale.vue'
import TextField from '@/shared/TextField.vue'

/** What the client says of one sore place. */
const model = defineModel<SiteRecord>({ required: true })
const props = defineProps<{ questions: ScreenQuestions; cleared: boolean }>()
defineEmits<{ remove: [] }>()

const rows = computed(() => props.questions.sites.find((s) => s.site === model.value.site)?.provocations ?? [])
const openFlags = computed(() => props.questions.siteFlags.filter((f) => model.value.flags[f.id] === undefined))
const pains = [
  { field: 'usualPain', label: 'Usual pain' },
  { field: 'painAtRest', label: 'At rest' },
  { field: 'painInLightUse', label: 'In light use, such as a cup or a door' },
  { field: 'worstThisWeek', label: 'Worst this week' },
  { field: 'morningPain', label: 'Pain this morning' },
  { field: 'morningStiffness', label: 'Stiffness this morning' },
] as const

function change(part: Partial<SiteRecord>) {
  model.value = { ...model.value, ...part }
}
function toggle(key: string) {
  const has = model.value.provokedBy.includes(key)
  change({ provokedBy: has ? model.value.provokedBy.filter((k) => k !== key) : [...model.value.provokedBy, key] })
}
function noneOfThese() {
  change({ flags: { ...Object.fromEntries(openFlags.value.map((f) => [f.id, false])), ...model.value.flags } })
}
</script>

<template>
  <section class="site">
    <div class="d-flex gap-3 align-items-baseline">
      <h3 class="copper">{{ title(model.side) }} {{ words(model.site) }}</h3>
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
      <div class="quiet small">Nothing that fits? Leave it open: the first is then taken.</div>
    </fieldset>
    <div class="grid">
      <PainScale
        v-for="p in pains"
        :key="p.field"
        :model-value="model[p.field]"
        :label="p.label"
        @update:model-value="(v) => change({ [p.field]: v })"
      />
    </div>
    <ChoiceGroup
      v-if="(model.worstThisWeek ?? 10) < (model.usualPain ?? 0)"
      :model-value="model.betterWeek"
      label="Worst this week is under the usual: was it a better week?"
      :options="yesNo"
      @update:model-value="(v) => change({ betterWeek: v })"
    />
    <ChoiceGroup
      v-if="model.morningStiffness"
      :model-value="model.stiffMinutes"
      label="The stiffness lasts"
      :options="[
        { value: 10, text: 'up to 10 minutes' },
        { value: 30, text: 'up to 30' },
        { value: 45, text: 'up to 45' },
        { value: 60, text: 'longer than 45' },
      ]"
      @update:model-value="(v) => change({ stiffMinutes: v })"
    />
    <ChoiceGroup
      :model-value="model.settlesHours"
      label="After use, back to usual within"
      :options="[
        { value: 1, text: 'an hour' },
        { value: 8, text: 'the same day' },
        { value: 24, text: 'the next day' },
        { value: 48, text: 'longer' },
      ]"
      @update:model-value="(v) => change({ settlesHours: v })"
    />
    <ChoiceGroup
      :model-value="model.sinceWeeks"
      label="It has been there for (may stay open)"
      :options="[
        { value: 2, text: 'days' },
        { value: 6, text: 'up to 6 weeks' },
        { value: 26, text: 'up to 6 months' },
        { value: 104, text: 'longer' },
      ]"
      @update:model-value="(v) => change({ sinceWeeks: v })"
    />
    <TextField
      v-if="cleared"
      :model-value="model.since"
      type="date"
      label="Like this since, or first said when if that is later (open: today)"
      help="A clearance answers what was known when it was given."
      @update:model-value="(v) => change({ since: v ? String(v) : undefined })"
    />
    <fieldset>
      <legend class="fs-6">At this place</legend>
      <ul>
        <li v-for="f in questions.siteFlags" :key="f.id">
          <span>{{ f.ask }}</span>
          <span class="choice" role="group" :aria-label="f.ask">
            <button
              type="button"
              :aria-pressed="model.flags[f.id] === true"
              @click="change({ flags: { ...model.flags, [f.id]: true } })"
            >
              yes
            </button>
            <button
              type="button"
              :aria-pressed="model.flags[f.id] === false"
              @click="change({ flags: { ...model.flags, [f.id]: false } })"
            >
              no
            </button>
          </span>
        </li>
      </ul>
      <BButton v-if="openFlags.length" size="sm" variant="outline-primary" class="mt-1" @click="noneOfThese">
        {{
          openFlags.length === questions.siteFlags.length ? 'None of these' : `None of the other ${openFlags.length}`
        }}
      </BButton>
    </fieldset>
  </section>
</template>

<style scoped>
.site {
  border-left: 6px solid var(--copper);
  padding-left: 1rem;
  margin-bottom: 1.5rem;
}
.copper {
  color: var(--copper);
  font-size: 1.15rem;
}
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(17rem, 1fr));
  gap: 0 2rem;
}
ul {
  list-style: none;
  padding: 0;
  margin: 0;
}
li {
  display: flex;
  justify-content: space-between;
  gap: 1rem;
  align-items: center;
  padding: 0.25rem 0;
}
.choice {
  flex-shrink: 0;
  flex-wrap: nowrap;
}
fieldset .choice {
  flex-wrap: wrap;
}
</style>
