<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { LimitKind, LimitsView, Side, Site } from '@/shared/api/types'
import { title, words } from '@/shared/format'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import SelectField from '@/shared/SelectField.vue'
import TextField from '@/shared/TextField.vue'
import { useCall } from '@/shared/useCall'
import { sites } from '@/shared/sites'
import { kindWords } from './limitKinds'

/** Adds a limit by hand: stricter than the screen, until the next one. */
const props = defineProps<{ clientId: string }>()
const emit = defineEmits<{ done: [limits: LimitsView] }>()
const { busy, problem, run, wrong } = useCall()
const kinds = ref<LimitKind[]>([])
const kind = ref<LimitKind['kind'] | ''>('')
const target = ref('')
const value = ref<string | number | undefined>('')
const place = ref('')
const why = ref<string | number | undefined>('')
let id = crypto.randomUUID()
const chosen = computed(() => kinds.value.find((k) => k.kind === kind.value))
const places = sites.flatMap((s) =>
  (['RIGHT', 'LEFT'] as Side[]).map((side) => ({ value: `${side} ${s}`, text: `${words(side)} ${words(s)}` })),
)

onMounted(async () => {
  kinds.value = (await run(() => ask(() => api.GET('/api/screening/limit-kinds')))) ?? []
})

async function save() {
  if (!kind.value) return
  const [side, site] = place.value ? (place.value.split(' ') as [Side, Site]) : [undefined, undefined]
  const limits = await run(() =>
    ask(() =>
      api.PUT('/api/clients/{clientId}/limit-changes/{id}', {
        params: { path: { clientId: props.clientId, id } },
        body: {
          kind: 'STRICTER',
          why: String(why.value ?? ''),
          added: {
            kind: kind.value as LimitKind['kind'],
            side,
            site,
            value: chosen.value?.unit && value.value !== '' ? Number(value.value) : undefined,
            target: target.value || undefined,
          },
        },
      }),
    ),
  )
  if (!limits) return
  id = crypto.randomUUID()
  kind.value = target.value = place.value = why.value = value.value = ''
  emit('done', limits)
}
</script>

<template>
  <form novalidate @submit.prevent="save">
    <SelectField
      v-model="kind"
      label="What to stay out of, or keep to"
      empty="choose"
      :options="kinds.map((k) => ({ value: k.kind, text: kindWords[k.kind] }))"
    />
    <SelectField
      v-if="chosen?.targets.length"
      v-model="target"
      label="Which"
      empty="choose"
      :wrong="wrong('target')"
      :options="chosen.targets.map((t) => ({ value: t, text: title(t.replaceAll('-', '_')) }))"
    />
    <TextField
      v-if="chosen?.unit"
      v-model="value"
      type="number"
      step="any"
      :label="`How much (${chosen.unit}, ${chosen.least} to ${chosen.most})`"
      :wrong="wrong('value')"
    />
    <SelectField v-model="place" label="For which place" empty="the whole person" :options="places" />
    <TextField v-model="why" label="Why; it is kept with your name" :wrong="wrong('why')" />
    <ProblemNotice :problem="problem" />
    <BButton type="submit" variant="primary" :disabled="busy || !kind">Add this limit</BButton>
  </form>
</template>
