<script setup lang="ts">
import { Modal } from 'ant-design-vue'
import { ref, watch } from 'vue'
import { answer, client, over, problemOf } from '../api/client'
import type { GradeRow, JobRow } from '../api/types'
import WordMenu from '../words/WordMenu.vue'

/** The coach's word over the measured verdict of one man on one snap. */
const props = defineProps<{ reel: number; snap: number; job?: JobRow; grade?: GradeRow }>()
const emit = defineEmits<{ close: []; graded: [] }>()
const mark = ref<GradeRow['mark']>('=')
const note = ref('')
const fault = ref('')
const MARKS: { id: GradeRow['mark']; name: string }[] = [
  { id: '+', name: '+ above standard' },
  { id: '=', name: '= to standard' },
  { id: '-', name: '- below' },
  { id: 'n/a', name: 'n/a not seen' },
]

watch(
  () => props.job,
  () => {
    mark.value = props.grade?.overruled ?? props.grade?.mark ?? '='
    note.value = props.grade?.note ?? ''
    fault.value = ''
  },
)

async function save(takeBack: boolean): Promise<void> {
  try {
    await answer(
      client.PUT('/api/reels/{reel}/snaps/{snap}/grades/{job}', {
        params: {
          path: { reel: props.reel, snap: props.snap, job: props.job!.id },
          header: over(props.grade?.version ?? 0),
        },
        body: takeBack ? {} : { mark: mark.value, note: note.value },
      }),
    )
    emit('graded')
    emit('close')
  } catch (error) {
    fault.value = problemOf(error).detail
    // somebody else's word is shown on the strip, and the next try is over it
    emit('graded')
  }
}
</script>

<template>
  <Modal
    :open="!!job"
    :title="`Overrule: ${job?.name}, alignment`"
    :footer="null"
    width="420px"
    @cancel="emit('close')"
  >
    <form
      class="asked-form"
      @submit.prevent="save(false)"
    >
      <div class="ask">
        Mark
        <WordMenu
          :value="mark"
          label="Mark"
          :options="MARKS"
          field
          @pick="mark = $event as typeof mark"
        />
      </div>
      <label
        >Why
        <textarea
          v-model="note"
          rows="3"
          required
        />
      </label>
      <p
        v-if="fault"
        role="alert"
        class="fault"
      >
        {{ fault }}
      </p>
      <p class="acts">
        <button class="button main">Overrule</button
        ><button
          v-if="grade?.overruled"
          class="button"
          type="button"
          @click="save(true)"
        >
          Back to the measured mark
        </button>
      </p>
    </form>
  </Modal>
</template>

<style scoped src="../styles/asked-form.css"></style>
