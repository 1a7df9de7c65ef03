<script setup lang="ts">
import { Modal } from 'ant-design-vue'
import { onMounted, ref } from 'vue'
import { answer, client, problemOf, type Problem } from '../api/client'
import type { ReelItem } from '../api/types'
import { usePaged } from '../shell/paged'
import WordMenu from '../words/WordMenu.vue'

const {
  items: reels,
  total,
  left,
  fault,
  load,
  more,
} = usePaged((page) => answer(client.GET('/api/reels', { params: { query: { page } } })))
const name = ref('')
const view = ref('sideline')
const VIEWS = ['sideline', 'end zone', 'other'].map((id) => ({ id, name: id }))
const file = ref<File>()
const sent = ref<number>()
const erasing = ref<ReelItem>()
let request: XMLHttpRequest | undefined

onMounted(load)

/** A film goes out as it is read, with its progress; nothing is kept of one that was refused or stopped. */
function upload(): void {
  if (!file.value) return
  fault.value = ''
  sent.value = 0
  request = new XMLHttpRequest()
  request.open('POST', `/api/reels?name=${encodeURIComponent(name.value)}&view=${encodeURIComponent(view.value)}`)
  request.setRequestHeader('Content-Type', 'application/octet-stream')
  request.setRequestHeader('X-XSRF-TOKEN', decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? ''))
  request.upload.onprogress = (e) => (sent.value = e.total ? Math.round((100 * e.loaded) / e.total) : 0)
  request.onload = () => {
    sent.value = undefined
    if (request!.status < 300) void load()
    else
      fault.value = (JSON.parse(request!.responseText || '{}') as Partial<Problem>).detail ?? 'The film was not taken.'
  }
  request.onerror = () => (
    (sent.value = undefined),
    (fault.value = 'The connection broke; nothing was kept. Try again.')
  )
  request.onabort = () => (sent.value = undefined)
  request.send(file.value)
}
async function erase(): Promise<void> {
  try {
    await answer(client.DELETE('/api/reels/{id}', { params: { path: { id: erasing.value!.id } } }))
    erasing.value = undefined
    await load()
  } catch (error) {
    fault.value = problemOf(error).detail
  }
}
const size = (bytes: number): string => (bytes ? `${(bytes / 1e6).toFixed(1)} MB` : 'not known')
function pick(event: Event): void {
  file.value = (event.target as HTMLInputElement).files?.[0]
  if (file.value && !name.value) name.value = file.value.name.replace(/\.\w+$/, '')
}
</script>

<template>
  <div class="film">
    <h1 class="sentence">Film: {{ total ?? 0 }} reels. Choose one to measure and grade.</h1>
    <table v-if="reels.length">
      <thead>
        <tr>
          <th>Reel</th>
          <th>View</th>
          <th>Snaps</th>
          <th>Solved views</th>
          <th>Marked</th>
          <th>Length</th>
          <th>Picture</th>
          <th>Size</th>
          <th><span class="soft">Erase</span></th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="r in reels"
          :key="r.id"
        >
          <td>
            <RouterLink :to="`/film/${r.id}`">{{ r.name }}</RouterLink>
          </td>
          <td>{{ r.view }}</td>
          <td>{{ r.snaps }}</td>
          <td>{{ r.calibrated }} of {{ r.snaps }}</td>
          <td>{{ r.marked }} of {{ r.snaps }}</td>
          <td>{{ r.seconds.toFixed(1) }} s, {{ r.frames }} frames</td>
          <td>{{ r.width }} x {{ r.height }} px{{ r.rotation ? `, turned ${r.rotation}°` : '' }}</td>
          <td>{{ size(r.bytes) }}</td>
          <td>
            <button
              class="link"
              type="button"
              @click="erasing = r"
            >
              Erase
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <p
      v-else-if="total === 0"
      class="soft"
    >
      No film yet. Upload an MP4 or WebM below.
    </p>
    <button
      v-if="left"
      class="button earlier"
      type="button"
      @click="more"
    >
      {{ left }} earlier
    </button>
    <form @submit.prevent="upload">
      <h2>Upload a film</h2>
      <label
        >File
        <input
          type="file"
          accept="video/mp4,video/webm"
          required
          @change="pick"
      /></label>
      <label
        >Name
        <input
          v-model="name"
          required
      /></label>
      <div class="ask">
        View
        <WordMenu
          :value="view"
          label="View"
          :options="VIEWS"
          field
          @pick="view = $event"
        />
      </div>
      <p
        v-if="sent !== undefined"
        role="status"
      >
        Sending: {{ sent }} %{{ sent === 100 ? ', checking it' : '' }}
        <button
          class="button"
          type="button"
          @click="request?.abort()"
        >
          Cancel
        </button>
      </p>
      <button
        v-else
        class="button main"
      >
        Upload
      </button>
      <p
        v-if="fault"
        class="fault"
        role="alert"
      >
        {{ fault }}
      </p>
      <p class="soft">
        MP4 or WebM with H.264, VP8, VP9 or AV1. Film of minors is personal data: upload only what your programme may
        keep; it is visible to its coaches alone.
      </p>
    </form>
    <Modal
      :open="!!erasing"
      :title="`Erase ${erasing?.name}?`"
      :footer="null"
      width="420px"
      @cancel="erasing = undefined"
    >
      <p>The film, its {{ erasing?.snaps }} snaps, their clicks and their grades are gone for good.</p>
      <p class="acts">
        <button
          class="button main"
          type="button"
          @click="erase"
        >
          Erase it
        </button>
        <button
          class="button"
          type="button"
          @click="erasing = undefined"
        >
          Keep it
        </button>
      </p>
    </Modal>
  </div>
</template>

<style scoped>
.film {
  padding: 22px 28px;
  overflow: auto;
  height: 100%;
}
table {
  border-collapse: collapse;
  margin: 18px 0 28px;
  width: 100%;
  max-width: 900px;
}
th,
td {
  text-align: left;
  padding: 9px 12px 9px 0;
  border-bottom: 1px solid var(--rule);
}
th {
  font: 600 13px var(--narrow);
  color: var(--soft);
}
td {
  font-size: 15px;
}
td a {
  color: var(--ink);
  font-weight: 600;
}
.earlier {
  margin-bottom: 18px;
}
form {
  display: grid;
  gap: 12px;
  max-width: 460px;
  border-top: 2px solid var(--ink);
  padding-top: 14px;
}
h2 {
  font: 700 17px var(--narrow);
}
label,
.ask {
  display: grid;
  gap: 4px;
  font-weight: 600;
}
input {
  font: 400 15px var(--text);
  padding: 7px;
  border: 1.5px solid var(--ink);
  border-radius: 3px;
  background: var(--card);
  color: var(--ink);
}
.button.main {
  justify-self: start;
}
.acts {
  margin-top: 12px;
  display: flex;
  gap: 8px;
}
td .link {
  font-size: 13px;
  color: var(--soft);
  font-weight: 400;
}
.fault {
  color: var(--bust);
  font-weight: 600;
}
</style>
