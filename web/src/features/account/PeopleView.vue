<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, ask } from '@/shared/api/client'
import type { components } from '@/shared/api/schema'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import TextField from '@/shared/TextField.vue'
import { useCall } from '@/shared/useCall'
import { useDone } from '@/shared/useDone'

/** Who signs in to the room. The owner decides here who comes in and who no longer does. */
type Account = components['schemas']['AccountView']
const listing = useCall()
const saving = useCall()
const people = ref<Account[]>([])
const done = useDone()
const leaving = ref<Account | null>(null)
const empty = () => ({ name: '', email: '', role: 'TRAINER' as Account['role'], password: '' })
const form = ref(empty())
// Made once for each person, so that a second press adds nobody twice.
let id = crypto.randomUUID()

async function load() {
  people.value = (await listing.run(() => ask(() => api.GET('/api/accounts')))) ?? people.value
}
onMounted(load)

async function add() {
  const saved = await saving.run(() =>
    ask(() => api.PUT('/api/accounts/{id}', { params: { path: { id } }, body: form.value })),
  )
  if (!saved) return
  done(`${saved.name} can sign in now.`)
  form.value = empty()
  id = crypto.randomUUID()
  await load()
}

async function remove(person: Account) {
  leaving.value = null
  await saving.run(() => ask(() => api.DELETE('/api/accounts/{id}', { params: { path: { id: person.id } } })))
  await load()
}
</script>

<template>
  <div class="page">
    <h1>People</h1>
    <p class="quiet">Who signs in to this room. An owner adds and removes people; a trainer works with clients.</p>
    <ProblemNotice :problem="listing.problem.value" />
    <ul class="people">
      <li v-for="p in people" :key="p.id" class="panel">
        <span class="fs-5">
          {{ p.name }}
          <span v-if="p.you" class="quiet">(you)</span>
        </span>
        <span>{{ p.email }}</span>
        <span class="quiet">{{ p.role === 'OWNER' ? 'owner' : 'trainer' }}</span>
        <span v-if="leaving?.id === p.id" class="d-flex gap-2">
          <BButton variant="primary" @click="remove(p)">Remove {{ p.name }}</BButton>
          <BButton variant="outline-primary" @click="leaving = null">Keep</BButton>
        </span>
        <BButton v-else-if="!p.you" variant="outline-primary" @click="leaving = p">Remove</BButton>
      </li>
    </ul>
    <form class="panel add" novalidate @submit.prevent="add">
      <h2>Add somebody</h2>
      <TextField v-model="form.name" label="Name" :wrong="saving.wrong('name')" />
      <TextField v-model="form.email" label="E-mail" type="email" :wrong="saving.wrong('email')" />
      <TextField
        v-model="form.password"
        label="First password"
        type="password"
        autocomplete="new-password"
        help="At least 12 characters; four unrelated words are a good one."
        :wrong="saving.wrong('password')"
      />
      <fieldset class="mb-3">
        <legend class="fs-6 mb-1">What they may do</legend>
        <div class="choice">
          <button type="button" :aria-pressed="form.role === 'TRAINER'" @click="form.role = 'TRAINER'">Trainer</button>
          <button type="button" :aria-pressed="form.role === 'OWNER'" @click="form.role = 'OWNER'">Owner</button>
        </div>
      </fieldset>
      <BButton type="submit" variant="primary" :disabled="saving.busy.value">Add to the room</BButton>
      <ProblemNotice
        v-if="saving.problem.value && !saving.problem.value.fields.length"
        :problem="saving.problem.value"
      />
    </form>
  </div>
</template>

<style scoped>
.people {
  list-style: none;
  margin: 0 0 1rem;
  padding: 0;
  display: grid;
  gap: 0.6rem;
}
.people li {
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 1.6fr) 5rem minmax(9rem, auto);
  gap: 1rem;
  align-items: center;
}
.add {
  max-width: 34rem;
}
@media (max-width: 700px) {
  .people li {
    grid-template-columns: 1fr;
    gap: 0.2rem;
  }
}
</style>
