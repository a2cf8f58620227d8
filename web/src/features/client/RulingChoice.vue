<script setup lang="ts">
import { ref } from 'vue'
import type { Change } from '@/shared/api/types'
import { api, ask } from '@/shared/api/client'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import TextField from '@/shared/TextField.vue'
import { useCall } from '@/shared/useCall'

/** The trainer's answer to one change of the next plan: it stands, half of it does, or none; with a word why. */
type Choice = 'ACCEPTED' | 'SOFTENED' | 'OVERRULED'
const props = defineProps<{ change: Change; clientId: string; open: boolean }>()
const emit = defineEmits<{ ruled: [] }>()
const { busy, problem, run, wrong } = useCall()
const asking = ref<Choice>()
const word = ref('')
let answerId = crypto.randomUUID()

const names: Record<Change['kind'], { soften?: string; overrule: string }> = {
  LOAD: { soften: 'Half of it', overrule: 'As last time' },
  SETS: { soften: 'Half of it', overrule: 'As last time' },
  REPS: { soften: 'Half of it', overrule: 'As last time' },
  EFFORT: { soften: 'Half of it', overrule: 'As last time' },
  REST: { soften: 'Half of it', overrule: 'As last time' },
  SWAPPED_OUT: { soften: 'Keep half its sets', overrule: 'Keep it in' },
  SWAPPED_IN: { overrule: 'Leave it out' },
}
const kinds: Record<Change['kind'], string> = {
  LOAD: 'the load',
  SETS: 'the sets',
  REPS: 'the repetitions',
  EFFORT: 'the effort',
  REST: 'the rest',
  SWAPPED_OUT: 'that it is left out',
  SWAPPED_IN: 'that it is new',
}

const short: Record<Change['kind'], string> = {
  LOAD: 'load:',
  SETS: 'sets:',
  REPS: 'repetitions:',
  EFFORT: 'effort:',
  REST: 'rest:',
  SWAPPED_OUT: '',
  SWAPPED_IN: '',
}

async function say(choice: Choice) {
  const { key, kind, reason } = props.change
  if (!key) return
  const body = { key, kind, ruleId: reason.ruleId, rule: reason.threshold, choice, word: word.value }
  const path = { clientId: props.clientId, id: answerId }
  const kept = await run(async () => {
    await ask(() => api.PUT('/api/clients/{clientId}/rulings/{id}', { params: { path }, body }))
    return true
  })
  if (!kept) return
  answerId = crypto.randomUUID()
  asking.value = undefined
  word.value = ''
  emit('ruled')
}
</script>

<template>
  <div v-if="change.key && (open || change.ruling)" class="ruling">
    <template v-if="change.ruling && change.ruling.choice !== 'ACCEPTED'">
      <span>
        {{ change.ruling.choice === 'SOFTENED' ? names[change.kind].soften : names[change.kind].overrule }}, by you: “{{
          change.ruling.word
        }}”
      </span>
      <button v-if="open" type="button" class="plain" :disabled="busy" @click="say('ACCEPTED')">
        Take the change after all
      </button>
    </template>
    <form v-else-if="asking" class="word" @submit.prevent="say(asking)">
      <TextField
        v-model="word"
        :label="`${asking === 'SOFTENED' ? names[change.kind].soften : names[change.kind].overrule}: why, in a word`"
        :wrong="wrong('word')"
        :maxlength="160"
      />
      <BButton type="submit" size="sm" :disabled="busy">Keep</BButton>
      <BButton size="sm" variant="link" @click="asking = undefined">Leave it</BButton>
    </form>
    <template v-else>
      <span class="quiet">{{ short[change.kind] }}</span>
      <button
        v-if="names[change.kind].soften"
        type="button"
        class="plain"
        :aria-label="`${names[change.kind].soften}: ${kinds[change.kind]} of ${change.exerciseName}`"
        @click="asking = 'SOFTENED'"
      >
        {{ names[change.kind].soften }}
      </button>
      <button
        type="button"
        class="plain"
        :aria-label="`${names[change.kind].overrule}: ${kinds[change.kind]} of ${change.exerciseName}`"
        @click="asking = 'OVERRULED'"
      >
        {{ names[change.kind].overrule }}
      </button>
    </template>
    <ProblemNotice v-if="problem && !problem.fields.length" :problem="problem" />
  </div>
</template>

<style scoped>
.ruling {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 1.2rem;
  align-items: baseline;
  font-size: 0.9rem;
}
.word {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  align-items: end;
  width: 100%;
}
</style>
