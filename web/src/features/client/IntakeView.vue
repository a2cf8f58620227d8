<script setup lang="ts">
import { useRouter } from 'vue-router'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import CautionList from './CautionList.vue'
import ContactPart from './ContactPart.vue'
import DislikesPart from './DislikesPart.vue'
import LifePart from './LifePart.vue'
import PersonPart from './PersonPart.vue'
import PurposePart from './PurposePart.vue'
import { useIntake } from './useIntake'

const props = defineProps<{ id?: string }>()
const router = useRouter()
const intake = useIntake(props.id)
const { draft, clear, places, questions, state, loaded, loading, saving, theirs, save, takeTheirs, keepMine } = intake
const words = {
  here: 'Kept on this device; goes to the server once the person is complete',
  saving: 'Saving …',
  saved: 'Saved as you go',
}

async function finish() {
  if (!(await save())) return
  const id = draft.value.id
  clear()
  await router.push(props.id ? `/clients/${id}` : `/clients/${id}/screen`)
}
</script>

<template>
  <form class="page" novalidate @submit.prevent="finish">
    <div class="d-flex flex-wrap gap-3 align-items-baseline mb-2">
      <h1>{{ id ? 'What we know of this client' : 'Add a client' }}</h1>
      <span class="quiet small ms-auto" role="status">{{ words[state] }}</span>
    </div>
    <ProblemNotice :problem="loading.problem.value">
      <BButton size="sm" variant="outline-primary" @click="intake.load">Try again</BButton>
    </ProblemNotice>
    <div v-if="loaded" class="columns">
      <div class="stack">
        <PersonPart v-model="draft" :wrong="saving.wrong" />
        <LifePart v-model="draft" :wrong="saving.wrong" />
      </div>
      <div class="stack">
        <PurposePart v-model="draft" :places="places" :wrong="saving.wrong" />
        <DislikesPart v-model="draft.dislikes" />
        <ContactPart v-if="id || state === 'saved'" :key="draft.id" :client-id="draft.id" />
      </div>
    </div>
    <CautionList
      v-if="loaded && questions"
      v-model="draft.cautions"
      v-model:details="draft.cautionDetails"
      :cautions="questions.cautions"
      class="mt-3"
    />
    <ProblemNotice :problem="saving.problem.value">
      <template v-if="theirs">
        <p class="mb-1 mt-2">
          Stored now: {{ theirs.details.name }}, {{ theirs.details.minutes }} min,
          {{ theirs.details.visitsPerWeek }} visits a week, “{{ theirs.details.life }}”. Yours: {{ draft.name }},
          {{ draft.minutes }} min, {{ draft.visitsPerWeek }} visits a week, “{{ draft.life }}”.
        </p>
        <BButton size="sm" variant="outline-primary" class="me-2" @click="takeTheirs">Take what is stored</BButton>
        <BButton size="sm" variant="outline-primary" @click="keepMine">Keep mine and save again</BButton>
      </template>
    </ProblemNotice>
    <BButton v-if="loaded" type="submit" variant="primary" class="mt-3">
      {{ id ? 'Done' : 'Save and go to the screen' }}
    </BButton>
  </form>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 1rem;
  align-items: start;
}
.stack {
  display: grid;
  gap: 1rem;
}
@media (max-width: 800px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
