<script setup lang="ts">
import { tableMostMB } from '@spudder/contract/route'
import { productRoutes } from '@spudder/contract/shelf'
import { useChange } from '../../api/use-change.ts'
import { ImportProductsDto } from '@spudder/contract/shelf'
import { CoreError } from '@spudder/core/base/error'
import {
  readShelfCsv,
  shelfToCsv,
  type ShelfProduct,
  type ShelfReading,
} from '@spudder/core/material/shelf'
import { Button } from 'ant-design-vue'
import { ref } from 'vue'
import { fileText } from '../../shared/file/file-text.ts'
import FileButton from '../../ui/FileButton.vue'
import ProblemNote from '../../ui/ProblemNote.vue'
import { useChecked } from '../../shared/form/use-checked.ts'
import { saveText } from '../../ui/save-file.ts'

/** The shelf as a CSV file, out and in. */
const props = defineProps<{ placeId: string; products: readonly ShelfProduct[] }>()
const reading = ref<ShelfReading>()
const ids = ref<readonly string[]>([])
const fileName = ref('')
const problem = ref('')
const done = ref('')
const store = useChange(productRoutes.importAll, { told: 'beside' })
const { checked } = useChecked(ImportProductsDto, () => store.error.value)

async function open(file: File | undefined): Promise<void> {
  if (!file) return
  reading.value = undefined
  problem.value = ''
  done.value = ''
  fileName.value = file.name
  try {
    const read = readShelfCsv(await fileText(file))
    reading.value = read
    // Made once for the file, so that storing it again after a lost answer stores nothing twice.
    ids.value = read.products.map(() => crypto.randomUUID())
  } catch (error) {
    if (!(error instanceof CoreError)) throw error
    problem.value = error.sentence('This is no shelf file')
  }
}

async function storeAll(): Promise<void> {
  const products = reading.value?.products.map((product, index) => ({
    id: ids.value[index],
    ...product,
  }))
  const dto = products && checked({ products })
  if (!dto) {
    problem.value = 'A product of the file goes beyond what can be stored; check its figures.'
    return
  }
  const stored = await store.send({ placeId: props.placeId, dto })
  if (!stored) return
  done.value = `${stored.length} products of ${fileName.value} are on the shelf.`
  reading.value = undefined
}
</script>

<template>
  <div class="file stack gap-8 hug">
    <div class="bar lined wrapped gap-10">
      <FileButton
        accept=".csv,text/csv"
        :most-megabytes="tableMostMB"
        words="Open a CSV file"
        @files="([file]) => open(file)"
      />
      <Button
        :disabled="products.length === 0"
        @click="saveText('shelf.csv', 'text/csv', shelfToCsv(products))"
      >
        Save the shelf as CSV
      </Button>
    </div>
    <p v-if="problem" class="stop" role="alert">{{ problem }}</p>
    <p v-if="done" class="done text-strong" role="status">{{ done }}</p>
    <template v-if="reading">
      <div v-if="reading.errors.length > 0" class="stop" role="alert">
        <p>
          {{ reading.errors.length }} cells of {{ fileName }} cannot be read; nothing is stored
          until they are mended in the file.
        </p>
        <ul>
          <li v-for="error in reading.errors.slice(0, 8)" :key="`${error.line}${error.column}`">
            Line {{ error.line }}, {{ error.column }}: {{ error.message }}
          </li>
        </ul>
      </div>
      <template v-else>
        <p>
          {{ reading.products.length }} products in {{ fileName }}:
          {{
            reading.products
              .map(({ name }) => name)
              .slice(0, 6)
              .join('; ')
          }}.
        </p>
        <Button
          type="primary"
          class="store"
          :disabled="reading.products.length === 0"
          :loading="store.isLoading.value"
          @click="storeAll"
        >
          Save all {{ reading.products.length }}
        </Button>
      </template>
    </template>
    <ProblemNote :problem="store.error.value" />
  </div>
</template>
