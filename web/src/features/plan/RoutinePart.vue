<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { Brought, Composition, ExerciseName } from '@/shared/api/types'
import { inUnits, title } from '@/shared/format'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { units } from '@/shared/units'
import { useCall } from '@/shared/useCall'
import WhyValue from '@/shared/WhyValue.vue'
import FoldPart from '@/shared/FoldPart.vue'

/** A routine somebody already has: does it fit this client, and what has to be otherwise? */
const props = defineProps<{ clientId: string; composition: Composition; exercises: ExerciseName[] }>()
const emit = defineEmits<{ take: [composition: Composition] }>()
const { problem, busy, run } = useCall()
const text = ref('')
const chosen = ref<Record<string, string>>({})
const brought = ref<Brought>()

async function read() {
  const body = { clientId: props.clientId, composition: props.composition, text: text.value, chosen: chosen.value }
  const found = await run(() => ask(() => api.POST('/api/plan/routine', { body })))
  if (found) brought.value = found
}
function readAnew() {
  chosen.value = {}
  void read()
}
function mean(line: number, key: string) {
  chosen.value = { ...chosen.value, [line]: key }
  void read()
}
const open = computed(() => brought.value?.lines.filter((l) => !l.meant).length ?? 0)
function take() {
  emit('take', { ...props.composition, written: brought.value!.written })
}
</script>

<template>
  <FoldPart title="Bring a routine" class="panel">
    <label class="d-block mt-2">
      The routine, as it is written
      <BFormTextarea
        v-model="text"
        rows="4"
        maxlength="4000"
        placeholder="Hammer curl 3x10 8 kg, then lying extension 3x10 …"
      />
    </label>
    <BButton class="mt-2" size="sm" variant="outline-primary" :disabled="busy || !text.trim()" @click="readAnew">
      Read it
    </BButton>
    <ProblemNotice :problem="problem" class="mt-2" />
    <template v-if="brought">
      <ol class="mt-3">
        <li v-for="(l, i) in brought.lines" :key="i">
          <p class="mb-0 quiet">{{ l.written }}</p>
          <p class="mb-0">
            <label>
              <span class="visually-hidden">What “{{ l.written }}” means</span>
              <BFormSelect
                size="sm"
                class="meant"
                :class="{ unsure: !l.meant }"
                :model-value="l.meant?.exerciseKey ?? ''"
                @update:model-value="(key) => mean(i, String(key))"
              >
                <BFormSelectOption v-if="!l.meant" value="" disabled>Which one is meant?</BFormSelectOption>
                <BFormSelectOptionGroup
                  v-if="l.options.length"
                  label="Nearest"
                  :options="l.options.map((o) => ({ value: o.exerciseKey, text: o.name }))"
                />
                <BFormSelectOptionGroup label="All" :options="exercises.map((e) => ({ value: e.key, text: e.name }))" />
              </BFormSelect>
            </label>
          </p>
          <p v-for="a in l.altered" :key="a.about + a.now" class="altered">
            <strong v-if="a.about === 'LEFT_OUT'">left out</strong>
            <strong v-else>
              {{ title(a.about) }}: {{ inUnits(a.now, units) }} instead of {{ inUnits(a.was, units) }}
            </strong>
            <br />
            <WhyValue :reason="a.reason" about="this is otherwise than it was written">
              {{ inUnits(a.reason.exact, units) }}
            </WhyValue>
          </p>
        </li>
      </ol>
      <p v-if="open" class="quiet">
        {{ open === 1 ? 'One line is' : `${open} lines are` }} not in the session until it is said what is meant.
      </p>
      <BButton variant="primary" :disabled="!brought.written.length" @click="take">Write it as the session</BButton>
    </template>
  </FoldPart>
</template>

<style scoped>
ol {
  padding-left: 1.3rem;
}
li {
  margin-bottom: 0.7rem;
}
.meant {
  width: min(100%, 24rem);
}
.unsure {
  border-color: var(--ease);
  border-width: 2px;
}
.altered {
  margin: 0.2rem 0 0;
  border-left: 4px solid var(--ease);
  padding-left: 0.6rem;
}
</style>
