<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { ClientName, Composition, TemplateView } from '@/shared/api/types'
import SelectField from '@/shared/SelectField.vue'
import TextField from '@/shared/TextField.vue'
import { useCall } from '@/shared/useCall'
import FoldPart from '@/shared/FoldPart.vue'

/** Takes a composition from the room's templates or from another client, and keeps this one as a template. */
const props = defineProps<{ clientId: string; composition: Composition }>()
const emit = defineEmits<{ take: [composition: Composition, from?: { id: string; name: string }] }>()
const { problem, run, wrong } = useCall()
const templates = ref<TemplateView[]>([])
const others = ref<ClientName[]>([])
const name = ref('')
const said = ref('')

onMounted(async () => {
  const all = await run(() => Promise.all([ask(() => api.GET('/api/templates')), ask(() => api.GET('/api/clients'))]))
  if (!all) return
  templates.value = all[0]
  others.value = all[1].filter((c) => c.id !== props.clientId)
})
const templateOptions = computed(() => templates.value.map((t) => ({ value: t.id, text: t.name })))
const otherOptions = computed(() => others.value.map((c) => ({ value: c.id, text: c.name })))
const template = computed({
  get: () => '',
  set: (id: string) => {
    const found = templates.value.find((t) => t.id === id)
    if (found) emit('take', found.composition)
  },
})
const other = computed({ get: () => '', set: (id: string) => void copy(id) })
async function copy(id: string) {
  if (!id) return
  const path = { params: { path: { clientId: id } } }
  const view = await run(() => ask(() => api.GET('/api/clients/{clientId}/composition', path)))
  // The place stays this client's own.
  const from = { id, name: others.value.find((o) => o.id === id)?.name ?? '' }
  if (view) emit('take', { ...view.composition, placeId: props.composition.placeId }, from)
}
async function keep() {
  const path = {
    params: { path: { id: crypto.randomUUID() } },
    body: { name: name.value, composition: props.composition },
  }
  const kept = await run(() => ask(() => api.PUT('/api/templates/{id}', path)))
  if (!kept) return
  templates.value = [...templates.value, kept].sort((a, b) => a.name.localeCompare(b.name))
  said.value = `Kept as “${kept.name}”.`
  name.value = ''
}
</script>

<template>
  <FoldPart title="Templates and other clients" class="panel">
    <div class="row-of mt-2">
      <SelectField v-model="template" label="Take a template" :options="templateOptions" empty="Choose" />
      <SelectField v-model="other" label="Take another client’s" :options="otherOptions" empty="Choose" />
      <form @submit.prevent="keep">
        <TextField v-model="name" label="Keep this one as" :wrong="wrong('name')" />
        <BButton type="submit" size="sm" variant="outline-primary" :disabled="!name.trim()">Keep as a template</BButton>
      </form>
    </div>
    <p class="quiet small mb-0" aria-live="polite">
      {{
        problem && !wrong('name') ? problem.detail : said || 'This client’s limits are applied to whatever is taken.'
      }}
    </p>
  </FoldPart>
</template>

<style scoped>
.row-of {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 0 1.2rem;
}
@media (max-width: 700px) {
  .row-of {
    grid-template-columns: 1fr;
  }
}
</style>
