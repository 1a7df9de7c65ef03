<script setup lang="ts">
/** A small picture of one frame of a reel, by which it is known again. */
defineProps<{ reel: number; frame: number }>()
</script>

<template>
  <img
    :src="`/api/reels/${reel}/frames/${frame}.jpg`"
    loading="lazy"
    width="96"
    height="54"
    alt=""
  />
</template>

<style scoped>
img {
  width: 96px;
  height: 54px;
  object-fit: cover;
  margin-right: 10px;
  vertical-align: middle;
  background: var(--faint);
}
</style>
