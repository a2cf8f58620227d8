<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, watch, provide } from 'vue'
import { RouterLink, useRouter } from 'vue-router'
import type { SitePain } from '@/shared/api/types'
import { inUnits, load as loadText, title, words } from '@/shared/format'
import MovingFigure from '@/shared/MovingFigure.vue'
import ProblemNotice from '@/shared/ProblemNotice.vue'
import { SORE_PLACES } from '@/shared/sorePlaces'
import BetweenRounds from './BetweenRounds.vue'
import CuffClock from './CuffClock.vue'
import EasierPanel from './EasierPanel.vue'
import EndCard from './EndCard.vue'
import HurtPanel, { type Hurt } from './HurtPanel.vue'
import OpenSessions from './OpenSessions.vue'
import RestOfVisit from './RestOfVisit.vue'
import RestRing from './RestRing.vue'
import SetNumbers from './SetNumbers.vue'
import SetWords from './SetWords.vue'
import { keepAwake, nextSignal, signal } from './signals'
import { aim, begins, clocked, roundOver } from './steps'
import StepClock from './StepClock.vue'
import StopPanel from './StopPanel.vue'
import ThumbBand from './ThumbBand.vue'
import TryBoth from './TryBoth.vue'
import { useFloor } from './useFloor'
import { useFloorKeys } from './useFloorKeys'
import { usePain } from './usePain'
import WarmUpCard from './WarmUpCard.vue'

const props = defineProps<{ id: string }>()
const router = useRouter()
const floor = useFloor(props.id)
provide(SORE_PLACES, () => floor.session.value?.soreSites ?? [])
const {
  session,
  restSeconds,
  settling,
  step,
  warming,
  warm,
  guide,
  load,
  reps,
  effort,
  faults,
  restEnds,
  lastAdvice,
  waiting,
  problem,
  queue,
} = floor
const panel = ref<'hurt' | 'stop' | null>(null)
// Which hand is free; kept on the device.
const leftHanded = ref(localStorage.getItem('kinesia.hand') === 'left')
function otherHand() {
  leftHanded.value = !leftHanded.value
  localStorage.setItem('kinesia.hand', leftHanded.value ? 'left' : 'right')
}
const pain = usePain(props.id, floor)
const { hurt, changed, easierWay, other, rest } = pain
function hurts(said: Hurt) {
  panel.value = null
  pain.felt(said)
}
// Exact load, repetitions and effort are open.
const exact = ref(false)
watch(floor.inFront, () => (exact.value = false))
function exactly(chosen: number) {
  effort.value = chosen
  exact.value = true
}
// The round of a circuit that is over and was not gone on from.
const wentOn = ref(sessionStorage.getItem(`kinesia.round.${props.id}`) ?? '')
const round = computed(() => {
  const over = roundOver(step.value, floor.steps.value, floor.done.value)
  return over && `${over.letter} ${over.round}` !== wentOn.value ? over : undefined
})
function goOn() {
  wentOn.value = `${round.value!.letter} ${round.value!.round}`
  sessionStorage.setItem(`kinesia.round.${props.id}`, wentOn.value)
}
const cuffsOff = ref(false)
const over = computed(() => session.value && session.value.status !== 'PLANNED' && session.value.status !== 'RUNNING')
const held = computed(() => !over.value && (session.value?.held.length ?? 0) > 0)
const sentence = computed(() => {
  const advice = lastAdvice.value
  if (!advice || !session.value) return ''
  const about = advice.name === step.value?.slot.name ? '' : `${advice.name}: `
  return about + inUnits(advice.reason.exact, session.value.units)
})
const following = computed(() => floor.after.value)
const place = computed(() => {
  const total = floor.steps.value.length
  return `${floor.done.value.length} of ${total} sets done`
})

async function finish(rightAfter: SitePain[]) {
  if (await floor.finish(rightAfter)) await router.push(`/clients/${session.value!.clientId}`)
}
function stop(sign: string) {
  floor.stop(sign)
  panel.value = null
}

// What each word leads to belongs to the trial set as it was advised, not to one that was changed by hand.
const said = computed(() => {
  const now = floor.saying.value
  const asAdvised = now?.load.kg === load.value.kg && now.reps === reps.value
  return now?.said.map((s) => (asAdvised ? s : { ...s, then: undefined })) ?? []
})
const aimNow = computed(() => (floor.saying.value?.trial ? String(floor.saying.value.reps) : aim(step.value!)))
const target = computed(() => said.value.find((s) => s.word === 'RIGHT')?.effort ?? step.value!.slot.targetEffort)
// The arm that begins a set in which the arms change at every repetition.
const alternating = computed(() => {
  const at = step.value
  return at && session.value && at.slot.arms === 'ALTERNATING'
    ? begins(session.value, at.slot, at.setNumber)
    : undefined
})
function saying(word: string) {
  const one = said.value.find((s) => s.word === word)
  if (one) floor.log(0, undefined, undefined, one.effort)
}
const asked = computed(
  () => panel.value || easierWay.value || rest.changes.value || round.value || cuffsOff.value || other.value,
)
const keys = useFloorKeys(floor, {
  saying,
  hurts: () => (panel.value = 'hurt'),
  busy: () => !!asked.value || warming.value || !step.value || !!over.value || held.value,
})
let letSleep = () => {}
onMounted(() => {
  window.addEventListener('keydown', keys)
  letSleep = keepAwake()
})
onBeforeUnmount(() => {
  window.removeEventListener('keydown', keys)
  letSleep()
})
</script>

<template>
  <StopPanel v-if="panel === 'stop'" @stop="stop" @cancel="panel = null" />
  <div v-else-if="session" class="floor" :class="{ left: leftHanded }">
    <header>
      <RouterLink :to="`/sessions/${id}`">{{ session.clientName }}</RouterLink>
      <OpenSessions :id="id" />
      <span class="quiet">{{ place }}</span>
      <span class="settings">
        <button type="button" class="plain" :aria-label="`Clocks end with ${signal}`" @click="nextSignal">
          {{ signal === 'nothing' ? 'silent' : signal }}
        </button>
        <button type="button" class="plain" @click="otherHand">{{ leftHanded ? 'left hand' : 'right hand' }}</button>
      </span>
      <span v-if="waiting" class="away" role="status">
        {{ queue.offline ? 'No connection:' : 'Sending:' }} {{ waiting }} kept on this device
      </span>
      <button v-if="!over" type="button" class="stop-button" @click="panel = 'stop'">Stop</button>
    </header>
    <ProblemNotice v-if="problem && problem.status !== 0" :problem="problem" />
    <p v-if="queue.refused" class="refused" role="alert">
      {{ queue.refused }}
      <button type="button" @click="queue.refused = null">all right</button>
    </p>
    <CuffClock
      v-if="session.cuffSeconds && !warming && !over"
      v-model:due="cuffsOff"
      :session-id="id"
      :seconds="session.cuffSeconds"
      :exercise-key="step?.slot.exerciseKey"
      @note="floor.note"
      @numb="panel = 'stop'"
    />
    <template v-if="cuffsOff" />
    <EndCard v-else-if="over || held || (!step && !warming)" :session="session" @finish="finish" @undo="floor.undo" />
    <WarmUpCard
      v-else-if="warming"
      :session="session"
      :at="warm"
      @done="warm++"
      @note="floor.note"
      @leave-out="floor.leaveOut"
      @skip="warm = session.plan.warmUp.length"
    />
    <HurtPanel
      v-else-if="panel === 'hurt'"
      :sore-sites="session.soreSites"
      :figure="guide!.figure"
      @cancel="panel = null"
      @keep="hurts"
    />
    <TryBoth
      v-else-if="hurt && other"
      :client-id="session.clientId"
      :keys="[hurt.at.slot.exerciseKey, other]"
      :site="hurt.said.site"
      @note="floor.note"
      @done="other = undefined"
    />
    <EasierPanel
      v-else-if="hurt && easierWay"
      :client-id="session.clientId"
      :exercise-key="hurt.at.slot.exerciseKey"
      :name="hurt.at.slot.name"
      :load-kg="hurt.kg"
      :site="hurt.said.site"
      :moment="hurt.said.moment"
      :units="session.units"
      :ended="pain.ended()"
      @use="pain.easier"
      @leave="pain.settled(pain.ended())"
      @leave-out="pain.leaveOut"
      @try-both="other = $event"
    />
    <RestOfVisit
      v-else-if="rest.changes.value"
      :changes="rest.changes.value"
      :units="session.units"
      :busy="rest.busy.value"
      @take="rest.take"
      @leave="rest.leave"
    />
    <BetweenRounds
      v-else-if="round"
      :session="session"
      :letter="round.letter"
      :round="round.round"
      :rest-ends="restEnds"
      :rest-seconds="restSeconds"
      @note="floor.note"
      @go-on="goOn"
    />
    <template v-else-if="step && guide">
      <section class="now">
        <div class="what">
          <p class="quiet mb-0">
            {{ step.unit }}, set {{ step.setNumber }} of {{ step.slot.sets }}
            <span v-if="floor.saying.value?.trial" class="tag">trial set</span>
            <span v-if="guide.own" class="tag">the room’s own</span>
            <span v-if="changed[step.slot.exerciseKey]" class="tag">
              changed: {{ inUnits(changed[step.slot.exerciseKey]!, session.units) }}
            </span>
          </p>
          <h1>{{ step.slot.name }}</h1>
          <p v-if="step.side" class="side">{{ title(step.side) }} arm</p>
          <p v-else-if="alternating" class="side">{{ title(alternating) }} arm begins, changing every repetition</p>
          <SetNumbers
            v-model:reps="reps"
            v-model:effort="effort"
            v-model:exact="exact"
            :load="load"
            :units="session.units"
            :aim="aimNow"
            :each="!!alternating"
            :target="target"
            @more-load="floor.moreLoad"
          />
          <StepClock
            v-if="clocked(step)"
            :name="`${id}.${step.slot.exerciseKey}.${step.setNumber}.${step.side ?? ''}`"
            :seconds="clocked(step)"
            over="Time"
          />
        </div>
        <div class="clock">
          <RestRing :ends="restEnds" :total="restSeconds" />
          <p class="advice" aria-live="polite">
            {{ sentence || `${guide.breathing}. When it slows by itself, the set is over.` }}
          </p>
          <p v-if="following" class="then">
            Then {{ following.slot.name }}{{ following.side ? `, ${words(following.side)} arm` : '' }},
            {{ loadText(floor.loadAfter.value!, session.units) }}
          </p>
        </div>
        <div class="picture">
          <MovingFigure
            :key="step.slot.exerciseKey"
            :figure="guide.figure"
            :tempo="step.slot.tempo"
            :name="step.slot.name"
          />
        </div>
        <SetWords
          v-model:faults="faults"
          :client-id="session.clientId"
          :slot-of="step.slot"
          :guide="guide"
          :first="step.setNumber === 1"
          @kept="floor.remembered(step.slot.exerciseKey, $event)"
        />
      </section>
      <ThumbBand
        :said="said"
        :effort="effort"
        :exactly="`${reps} × ${loadText(load, session.units)}`"
        :trial="floor.saying.value?.trial ?? false"
        :units="session.units"
        :settling="settling"
        :undoable="floor.done.value.length > 0"
        @log="(said) => floor.log(0, undefined, undefined, said)"
        @exact="exactly"
        @hurts="panel = 'hurt'"
        @undo="floor.undo"
      />
    </template>
  </div>
  <div v-else class="page">
    <ProblemNotice :problem="problem">
      <BButton size="sm" variant="outline-primary" @click="floor.refresh">Try again</BButton>
    </ProblemNotice>
    <p v-if="!problem" class="quiet">Fetching the session …</p>
  </div>
</template>

<style src="./floor.css" scoped></style>
