<script setup lang="ts">
import { Form, FormItem, Input, Progress, Segmented, Upload } from 'ant-design-vue'
import { ref } from 'vue'
import type { ReelSheet } from '../api/types'
import { useUpload } from './useUpload'
import FaultSaid from '../shell/FaultSaid.vue'

/** A film from this machine, with the name and the view it is kept under. */
const props = defineProps<{ game: number }>()
const emit = defineEmits<{ done: [] }>()
const VIEWS = ['sideline', 'end zone', 'other']
const name = ref('')
const view = ref<ReelSheet['view']>('sideline')
const file = ref<File>()
const { sent, fault, send, stop } = useUpload(() => {
  file.value = undefined
  name.value = ''
  emit('done')
})
/** The library only shows which file it is; it goes out when the form is sent. */
function pick(picked: File): false {
  file.value = picked
  fault.value = ''
  if (!name.value) name.value = picked.name.replace(/\.\w+$/, '')
  return false
}
function upload(): void {
  if (file.value) void send(props.game, file.value, name.value, view.value)
  else fault.value = 'Choose a film of this machine first.'
}
</script>

<template>
  <Form
    layout="vertical"
    class="upload"
    aria-label="Upload a film"
    @submit.prevent="upload"
  >
    <h2>Take a film of this game in</h2>
    <FormItem>
      <Upload.Dragger
        accept="video/*"
        :show-upload-list="false"
        :before-upload="pick"
        @reject="fault = 'That is no film; choose an MP4, WebM or another film.'"
      >
        <p>
          <b>{{ file?.name ?? 'Choose a film' }}</b><template v-if="file"
            >, {{ (file.size / 1e6).toFixed(1) }} MB</template
          >
        </p>
        <p class="soft">
          {{ file ? 'Another one: press here.' : 'or put it here: MP4 or WebM plays at once, others are made over' }}
        </p>
      </Upload.Dragger>
    </FormItem>
    <FormItem
      label="Name"
      html-for="film-name"
    >
      <Input
        id="film-name"
        v-model:value="name"
        required
      />
    </FormItem>
    <FormItem label="View">
      <Segmented
        v-model:value="view"
        :options="VIEWS"
        aria-label="View"
      />
    </FormItem>
    <div
      v-if="sent !== undefined"
      class="sending"
      role="status"
    >
      <Progress
        :percent="sent"
        status="normal"
        aria-label="Sent"
      />
      {{ sent === 100 ? 'Checking it' : 'Sending' }}
      <button
        class="button"
        type="button"
        @click="stop"
      >
        Cancel
      </button>
    </div>
    <button
      v-else
      class="button main"
    >
      Upload
    </button>
    <FaultSaid :words="fault" />
    <p class="soft">
      Film of minors is personal data: upload only what your programme may keep; it is visible to its coaches alone.
      What was sent before a line was cut is kept for a day: choose the same film again, and it goes on.
    </p>
  </Form>
</template>

<style scoped>
.upload {
  display: grid;
  gap: 10px;
  max-width: 520px;
  justify-items: start;
}
.upload > :deep(.ant-form-item) {
  margin: 0;
  width: 100%;
}
h2 {
  font: 700 17px var(--narrow);
}
.sending {
  display: flex;
  gap: 12px;
  align-items: center;
  width: 100%;
}
</style>
