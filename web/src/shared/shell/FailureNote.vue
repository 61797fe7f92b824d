<script setup lang="ts">
import { Alert } from 'ant-design-vue'
import { useFailures } from '../../api/failures.ts'

/** What was not done and has no note of its own, on top of the page until it is read. */
const failures = useFailures()
</script>

<template>
  <Alert
    v-if="failures.last"
    class="failure no-print"
    type="error"
    :message="failures.last"
    closable
    show-icon
    @close="failures.read()"
  />
</template>

<style scoped>
.failure {
  margin: 0 20px 8px;
}
</style>
