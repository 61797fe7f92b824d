<script setup lang="ts">
import type { FileKind, HistoryLineDto } from '@spudder/contract/history'
import type { UnitSystem } from '@spudder/core/base/quantity'
import { Tag } from 'ant-design-vue'
import { computed } from 'vue'
import MendButton from '../../shared/history/MendButton.vue'
import { momentParts } from '../../shared/units/moment.ts'
import ConfirmButton from '../../ui/ConfirmButton.vue'
import { actWords, changesOf, fileKindOf, mendableKind, titleOf } from './history-lines.ts'

/** One thing that somebody did, with what it was before, and back. */
const props = defineProps<{ line: HistoryLineDto; system: UnitSystem }>()
const emit = defineEmits<{ back: [groupId: string]; fileBack: [kind: FileKind, file: string] }>()
const title = computed(() => titleOf(props.line, props.system))
const told = computed(() => changesOf(props.line, props.system))
const kind = computed(() => mendableKind(props.line))
const fileKind = computed(() => fileKindOf(props.line))
const when = computed(() => momentParts(props.line.at))
</script>

<template>
  <li class="line">
    <span class="when text-small text-slate">
      <b>{{ when.day }}</b> {{ when.clock }}<br />{{ line.by }}
    </span>
    <div class="what stack gap-2">
      <p class="lined wrapped items-baseline gap-8">
        <Tag :class="line.act">{{ actWords[line.act] }}</Tag>
        <b>{{ title }}</b>
        <RouterLink
          v-if="line.kind !== 'stand' && line.standId && line.standName"
          class="text-small"
          :to="{ name: 'stand', params: { standId: line.standId } }"
          >{{ line.standName }}</RouterLink
        >
      </p>
      <p v-for="change in told" :key="change.field" class="text-small">
        {{ change.label }}:
        <component :is="change.was === 'nothing' ? 'span' : 's'">{{ change.was }}</component> →
        {{ change.is }}
      </p>
      <p v-if="line.reason" class="text-small text-slate">Why: {{ line.reason }}</p>
      <p v-if="line.came" class="text-small text-slate">{{ line.came }}</p>
    </div>
    <span class="does">
      <MendButton
        v-if="kind && line.act === 'stored'"
        :id="line.rowId"
        :kind="kind"
        :about="title"
        words="Correct"
      />
      <ConfirmButton
        v-if="fileKind && line.file"
        is-small
        words="Take the file back"
        :label="`Take back the whole file of: ${title}`"
        :question="`Take back all that ${line.file} brought?`"
        about="Readings, looks and entries are struck out, stands put away, products taken out of use; nothing is lost."
        sure="Take it all back"
        @confirm="emit('fileBack', fileKind, line.file)"
      />
      <ConfirmButton
        v-if="line.groupId"
        is-small
        words="Take it back"
        :label="`Take back: ${title}`"
        question="Take this back?"
        about="All that was done at once with it is again as it was before. That can be taken back too."
        sure="Take it back"
        @confirm="emit('back', line.groupId)"
      />
    </span>
  </li>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 130px minmax(0, 1fr) auto;
  gap: 4px 16px;
  padding: 10px 0;
  border-bottom: 1px solid var(--line);
}
.what p {
  overflow-wrap: anywhere;
}
s {
  color: var(--slate);
}
.struck {
  text-decoration: line-through;
}
.stored {
  color: var(--slate);
}
@media (width < 700px) {
  .line {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .when {
    grid-column: 1 / -1;
  }
  .when br {
    display: none;
  }
}
</style>
