<script setup lang="ts">
import { onMounted, ref } from 'vue'
import type { ContactView } from '@/shared/api/types'
import { api, ask } from '@/shared/api/client'
import ChoiceGroup from '@/shared/ChoiceGroup.vue'
import { date } from '@/shared/format'
import { noYes } from '@/shared/options'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import TextField from '@/shared/TextField.vue'
import { useCall } from '@/shared/useCall'
import { useDone } from '@/shared/useDone'

/** How this client is asked the morning after, and whether they agreed. */
const props = defineProps<{ clientId: string }>()
const { busy, problem, run, wrong } = useCall()
const view = ref<ContactView>()
const channel = ref<'MAIL' | 'TEXT'>('TEXT')
const address = ref('')
const consents = ref<boolean>()
const done = useDone()
const path = { params: { path: { clientId: props.clientId } } }

onMounted(async () => {
  const answer = await run(() => ask(() => api.GET('/api/clients/{clientId}/contact', path)))
  if (answer) show(answer)
})
function show(answer: ContactView) {
  view.value = answer
  channel.value = answer.channel ?? 'TEXT'
  address.value = answer.address ?? ''
  consents.value = answer.channel ? !!answer.consentedOn : undefined
}
async function save() {
  const body = {
    channel: channel.value,
    address: address.value,
    consents: consents.value ?? false,
    version: view.value?.version,
  }
  const answer = await run(() => ask(() => api.PUT('/api/clients/{clientId}/contact', { ...path, body })))
  if (!answer) return
  show(answer)
  done(answer.consentedOn ? `Kept; agreed on ${date(answer.consentedOn)}.` : 'Kept; nothing will be sent.')
}
</script>

<template>
  <section class="panel" aria-label="The morning after">
    <h2>The morning after</h2>
    <ProblemNotice v-if="problem && !problem.fields.length" :problem="problem" />
    <ChoiceGroup
      v-model="channel"
      label="How do they want to be asked?"
      :options="[
        { value: 'TEXT', text: 'text message' },
        { value: 'MAIL', text: 'mail' },
      ]"
    />
    <TextField
      v-model="address"
      :label="channel === 'MAIL' ? 'Mail address' : 'Telephone number'"
      :wrong="wrong('address')"
    />
    <ChoiceGroup
      v-model="consents"
      :label="`Read out: “${view?.wording ?? ''}” Do they agree?`"
      :options="noYes"
      help="Without a yes no link is sent; a no takes back every link that is out."
    />
    <BButton variant="outline-primary" :disabled="busy || consents === undefined" @click="save">Keep this</BButton>
  </section>
</template>
