<script setup lang="ts">
import { useRoute } from 'vue-router'
import RubricEditor from './RubricEditor.vue'

/** Each rubric has an editor of its own: one that was kept under a new name is another. */
const route = useRoute()
</script>

<template>
  <RubricEditor
    :id="String(route.params.id)"
    :key="route.path"
  />
</template>
